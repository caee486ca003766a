// The measure of a finding, where it matters, with what it means.
import Typography from "@mui/material/Typography";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import type { Kind } from "./InspectionPage";
import { t } from "../../locales/planning";

type Props = {
  kind: Kind;
  zone?: string;
  initial?: Values;
  onClose: () => void;
  onSave: (values: Values) => Promise<void>;
};

export function FindingDialog({ kind, zone, initial, onClose, onSave }: Props) {
  const measure: FieldSpec[] = kind.measure
    ? [
        {
          name: "measure",
          label: kind.measure.label.charAt(0).toUpperCase() + kind.measure.label.slice(1),
          kind: "text",
          half: true,
          unit: kind.measure.unit === "count" ? undefined : kind.measure.unit,
          help: t("findingDialog.leaveBlankIfArent"),
        },
      ]
    : [];
  const fields: FieldSpec[] = [
    ...measure,
    {
      name: "expected_on",
      label: t("findingDialog.partArrives"),
      kind: "date",
      half: true,
      help: t("findingDialog.ifOrderedOne"),
    },
    { name: "note", label: t("findingDialog.note"), kind: "text" },
  ];
  return (
    <FormDialog
      title={`${kind.label}: ${zone ?? t("findingDialog.wholePiece")}`}
      submit={initial ? t("findingDialog.saveProblem") : t("findingDialog.addProblem")}
      fields={fields}
      initial={initial}
      extra={<Typography variant="body2">{`${kind.says}.`}</Typography>}
      onClose={onClose}
      onSubmit={async (values) => {
        await onSave(values);
        onClose();
      }}
    />
  );
}
