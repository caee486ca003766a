// The measure of a finding, where it matters, with what it means.
import Typography from "@mui/material/Typography";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import type { Kind } from "./InspectionPage";

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
          help: "leave blank if unsure",
        },
      ]
    : [];
  const fields: FieldSpec[] = [
    ...measure,
    { name: "expected_on", label: "Part expected on", kind: "date", half: true, help: "if one is ordered" },
    { name: "note", label: "Note", kind: "text" },
  ];
  return (
    <FormDialog
      title={`${kind.label}: ${zone ?? "the whole piece"}`}
      submit={initial ? "Save finding" : "Note it"}
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
