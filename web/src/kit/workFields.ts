// The fields of a cost and of hours, as forms show them.
import type { Workshop } from "../api/types";
import type { FieldSpec } from "./fields";
import { t } from "../locales/kit";

export function costFields(workshop: Workshop): FieldSpec[] {
  return [
    { name: "pieces", label: t("workFields.pieces"), kind: "pieces" },
    { name: "what", label: t("workFields.what"), kind: "text" },
    {
      name: "category",
      label: t("workFields.category"),
      kind: "category",
      options: [
        { key: "materials", label: t("workFields.materials") },
        { key: "hardware", label: t("workFields.hardware") },
        { key: "other", label: t("workFields.other") },
      ],
    },
    { name: "amount", label: t("workFields.amount"), kind: "text", unit: workshop.symbol, half: true },
    { name: "spent_on", label: t("workFields.date"), kind: "date", half: true },
  ];
}

export function workFields(workshop: Workshop): FieldSpec[] {
  return [
    { name: "pieces", label: t("workFields.piecesWorked"), kind: "pieces" },
    {
      name: "kind",
      label: t("workFields.kindWork"),
      kind: "select",
      options: workshop.lists.work_kinds.map((kind) => ({ key: kind.key, label: kind.label })),
    },
    { name: "effort", label: t("workFields.howLong"), kind: "effort" },
    { name: "worked_on", label: t("workFields.date"), kind: "date", half: true },
    {
      name: "person_id",
      label: t("workFields.who"),
      kind: "select",
      half: true,
      hidden: workshop.people.length < 2,
      options: workshop.people.map((person) => ({ key: String(person.id), label: person.name })),
    },
    { name: "note", label: t("workFields.note"), kind: "text" },
  ];
}
