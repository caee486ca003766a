// How the sprayer was set for each product: recalled at the steps that spray it.
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api } from "../../api/client";
import { useSpraySettings } from "../../api/queries";
import type { Mixes, SpraySetting } from "../../api/types";
import { useSave } from "../../kit/session/useSave";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";

const typed = (one: SpraySetting) => ({
  product: one.product,
  nozzle: one.nozzle ?? "",
  setting: one.setting ?? "",
  thinning: one.thinning ?? "",
  cup_seconds: one.cup_seconds ?? "",
});
const NONE = { nozzle: "", setting: "", thinning: "", cup_seconds: "" };
const put = (body: ReturnType<typeof typed>) => api.PUT("/api/spray-settings", { body });

export function SprayPart({ products }: { products: Mixes["parts"] }) {
  const { data } = useSpraySettings();
  const [editing, setEditing] = useState<SpraySetting | "new" | null>(null);
  const save = useSave();
  const { failed } = useUndo();
  if (!data) return null;
  const setting = editing === "new" ? null : editing;
  const forget = async (one: SpraySetting) => {
    await save(put({ product: one.product, ...NONE }), `Sprayer settings for ${one.label} forgotten`);
  };
  return (
    <Part title="Sprayer settings" action={<Button onClick={() => setEditing("new")}>Keep a setting</Button>}>
      {data.settings.length === 0 ? (
        <Typography sx={{ color: "text.secondary" }}>
          None yet. Nozzle, setting, thinning and the seconds of the drain cup are kept by product and stand at the step
          that sprays it.
        </Typography>
      ) : (
        <SmallTable
          label="Sprayer settings"
          columns={["Product", "Nozzle", "Setting", ["Thinned"], ["Cup"], ""]}
          rows={data.settings.map((one) => ({
            key: one.product,
            cells: [
              one.label,
              one.nozzle ?? "not kept",
              one.setting ?? "not kept",
              one.thinning ? `${one.thinning}%` : "not kept",
              one.cup_seconds ? `${one.cup_seconds} s` : "not kept",
              <span key="change">
                <Button
                  size="small"
                  onClick={() => setEditing(one)}
                  aria-label={`Correct the setting for ${one.label}`}
                >
                  Correct
                </Button>
                <Button
                  size="small"
                  color="inherit"
                  onClick={() => void forget(one).catch(failed)}
                  aria-label={`Forget the setting for ${one.label}`}
                >
                  Forget
                </Button>
              </span>,
            ],
          }))}
        />
      )}
      {editing && (
        <FormDialog
          title={setting ? `Sprayer: ${setting.label}` : "A sprayer setting"}
          submit="Keep setting"
          fields={[
            { name: "product", label: "For", kind: "select", options: products, hidden: setting !== null },
            { name: "nozzle", label: "Nozzle", kind: "text", half: true, help: "1.3 mm" },
            { name: "setting", label: "Setting", kind: "text", half: true, help: "of the knob" },
            { name: "thinning", label: "Thinned by", kind: "text", half: true, unit: "%", help: "of the paint" },
            { name: "cup_seconds", label: "Drain cup", kind: "text", half: true, unit: "s" },
          ]}
          initial={setting ? typed(setting) : { product: products.find((one) => one.key === "paint_all")?.key ?? "" }}
          onClose={() => setEditing(null)}
          onSubmit={async (values) => {
            await save(put({ product: "", ...NONE, ...values }), (made) => `Sprayer settings for ${made.label} kept`);
            setEditing(null);
          }}
        />
      )}
    </Part>
  );
}
