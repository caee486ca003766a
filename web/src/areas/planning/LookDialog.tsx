// What holds for a look as a whole.
import { api, ask, undoOf } from "../../api/client";
import type { Catalogue, Look, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { withChanges } from "../../kit/withChanges";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { t } from "../../locales/planning";

type Props = { look: Look; catalogue: Catalogue; workshop: Workshop; onClose: () => void };

export function LookDialog({ look, catalogue, workshop, onClose }: Props) {
  const { done } = useUndo();
  const primers = catalogue.products.filter((one) => one.kind === "primer").map(({ key, label }) => ({ key, label }));
  const fields: FieldSpec[] = [
    { name: "name", label: t("lookDialog.nameLook"), kind: "text" },
    { name: "wear", label: t("lookDialog.madeWithstand"), kind: "select", half: true, options: catalogue.wears },
    { name: "inside", label: t("lookDialog.insideDrawers"), kind: "select", half: true, options: catalogue.insides },
    {
      name: "lined",
      label: t("lookDialog.drawersLine"),
      kind: "text",
      half: true,
      help: t("lookDialog.howManyLeaveBlank"),
      onlyFor: { inside: ["liner"] },
    },
    {
      name: "primer",
      label: t("lookDialog.primer"),
      kind: "select",
      half: true,
      options: [{ key: "auto", label: t("lookDialog.whereNeeded") }, { key: "none", label: "none" }, ...primers],
    },
    { name: "hardware", label: t("lookDialog.hardware"), kind: "select", half: true, options: catalogue.hardware },
    {
      name: "pulls",
      label: t("lookDialog.numberPulls"),
      kind: "text",
      half: true,
      help: t("lookDialog.leaveBlankOneEach"),
    },
    {
      name: "spacing",
      label: t("lookDialog.holeSpacingNewPulls"),
      kind: "text",
      half: true,
      unit: workshop.length_unit,
      help: t("lookDialog.centerCenter"),
    },
    { name: "hardware_on", label: t("lookDialog.newHardwareArrives"), kind: "date", half: true },
    {
      name: "hardware_price",
      label: t("lookDialog.newHardwareCosts"),
      kind: "text",
      half: true,
      unit: workshop.symbol,
    },
    {
      name: "expected_resale",
      label: t("lookDialog.expectedPriceLook"),
      kind: "text",
      half: true,
      unit: workshop.symbol,
      help: t("lookDialog.leaveBlankUsePieces"),
    },
  ];
  const before = look.fields as Values;
  const path = { params: { path: { id: look.id } } };
  return (
    <FormDialog
      title={t("lookDialog.look", { look: look.name })}
      submit={t("lookDialog.save")}
      fields={fields}
      initial={before}
      onClose={onClose}
      onSubmit={async (values) => {
        const changed = Object.fromEntries(Object.entries(values).filter(([name, value]) => value !== before[name]));
        const saved = await ask(
          api.PATCH("/api/looks/{id}", { ...path, body: { ...changed, lock_version: look.lock_version } }),
        );
        done(withChanges(t("lookDialog.lookSaved"), saved.changes), undoOf(saved));
        onClose();
      }}
    />
  );
}
