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
import { t } from "../../locales/shelf";

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
    await save(put({ product: one.product, ...NONE }), t("sprayPart.sprayerSettingsForgotten", { value: one.label }));
  };
  return (
    <Part
      title={t("sprayPart.sprayerSettings")}
      action={<Button onClick={() => setEditing("new")}>{t("sprayPart.keepSetting")}</Button>}
    >
      {data.settings.length === 0 ? (
        <Typography sx={{ color: "text.secondary" }}>{t("sprayPart.noneYetNozzleSetting")}</Typography>
      ) : (
        <SmallTable
          label={t("sprayPart.sprayerSettings")}
          columns={[
            t("sprayPart.product"),
            t("sprayPart.nozzle"),
            t("sprayPart.setting"),
            [t("sprayPart.thinned")],
            [t("sprayPart.cup")],
            "",
          ]}
          rows={data.settings.map((one) => ({
            key: one.product,
            cells: [
              one.label,
              one.nozzle ?? t("sprayPart.kept"),
              one.setting ?? t("sprayPart.kept"),
              one.thinning ? `${one.thinning}%` : t("sprayPart.kept"),
              one.cup_seconds ? `${one.cup_seconds} s` : t("sprayPart.kept"),
              <span key="change">
                <Button
                  size="small"
                  onClick={() => setEditing(one)}
                  aria-label={t("sprayPart.correctSetting", { value: one.label })}
                >
                  {t("sprayPart.correct")}
                </Button>
                <Button
                  size="small"
                  color="inherit"
                  onClick={() => void forget(one).catch(failed)}
                  aria-label={t("sprayPart.forgetSetting", { value: one.label })}
                >
                  {t("sprayPart.forget")}
                </Button>
              </span>,
            ],
          }))}
        />
      )}
      {editing && (
        <FormDialog
          title={setting ? t("sprayPart.sprayer", { setting: setting.label }) : t("sprayPart.sprayerSetting")}
          submit={t("sprayPart.keepSetting2")}
          fields={[
            { name: "product", label: t("sprayPart.for"), kind: "select", options: products, hidden: setting !== null },
            { name: "nozzle", label: t("sprayPart.nozzle"), kind: "text", half: true, help: t("sprayPart.n13Mm") },
            { name: "setting", label: t("sprayPart.setting"), kind: "text", half: true, help: t("sprayPart.knob") },
            {
              name: "thinning",
              label: t("sprayPart.thinned2"),
              kind: "text",
              half: true,
              unit: "%",
              help: t("sprayPart.paint"),
            },
            { name: "cup_seconds", label: t("sprayPart.drainCup"), kind: "text", half: true, unit: "s" },
          ]}
          initial={setting ? typed(setting) : { product: products.find((one) => one.key === "paint_all")?.key ?? "" }}
          onClose={() => setEditing(null)}
          onSubmit={async (values) => {
            await save(put({ product: "", ...NONE, ...values }), (made) =>
              t("sprayPart.sprayerSettingsKept", { made: made.label }),
            );
            setEditing(null);
          }}
        />
      )}
    </Part>
  );
}
