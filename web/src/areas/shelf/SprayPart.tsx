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
    await save(put({ product: one.product, ...NONE }), t("sprayPart.sprayerSettingsRemoved", { value: one.label }));
  };
  return (
    <Part
      title={t("sprayPart.sprayerSettings")}
      action={<Button onClick={() => setEditing("new")}>{t("sprayPart.addSetting")}</Button>}
    >
      {data.settings.length === 0 ? (
        <Typography sx={{ color: "text.secondary" }}>{t("sprayPart.noneYetSaveNozzle")}</Typography>
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
              one.nozzle ?? t("sprayPart.set"),
              one.setting ?? t("sprayPart.set"),
              one.thinning ? `${one.thinning}%` : t("sprayPart.set"),
              one.cup_seconds ? `${one.cup_seconds} s` : t("sprayPart.set"),
              <span key="change">
                <Button
                  size="small"
                  onClick={() => setEditing(one)}
                  aria-label={t("sprayPart.editSetting", { value: one.label })}
                >
                  {t("sprayPart.edit")}
                </Button>
                <Button
                  size="small"
                  color="inherit"
                  onClick={() => void forget(one).catch(failed)}
                  aria-label={t("sprayPart.removeSetting", { value: one.label })}
                >
                  {t("sprayPart.remove")}
                </Button>
              </span>,
            ],
          }))}
        />
      )}
      {editing && (
        <FormDialog
          title={setting ? t("sprayPart.sprayer", { setting: setting.label }) : t("sprayPart.sprayerSetting")}
          submit={t("sprayPart.save")}
          fields={[
            { name: "product", label: t("sprayPart.for"), kind: "select", options: products, hidden: setting !== null },
            { name: "nozzle", label: t("sprayPart.nozzle"), kind: "text", half: true, help: t("sprayPart.n13Mm") },
            { name: "setting", label: t("sprayPart.setting"), kind: "text", half: true, help: t("sprayPart.dial") },
            {
              name: "thinning",
              label: t("sprayPart.thin"),
              kind: "text",
              half: true,
              unit: "%",
              help: t("sprayPart.paint"),
            },
            { name: "cup_seconds", label: t("sprayPart.cupSeconds"), kind: "text", half: true, unit: "s" },
          ]}
          initial={setting ? typed(setting) : { product: products.find((one) => one.key === "paint_all")?.key ?? "" }}
          onClose={() => setEditing(null)}
          onSubmit={async (values) => {
            await save(put({ product: "", ...NONE, ...values }), (made) =>
              t("sprayPart.sprayerSettingsSaved", { made: made.label }),
            );
            setEditing(null);
          }}
        />
      )}
    </Part>
  );
}
