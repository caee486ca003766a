// The fields of a cost and of hours, as forms show them.
import type { Workshop } from "../api/types";
import type { FieldSpec } from "./fields";

export function costFields(workshop: Workshop): FieldSpec[] {
  return [
    { name: "pieces", label: "For which pieces", kind: "pieces" },
    { name: "what", label: "What", kind: "text" },
    {
      name: "category",
      label: "Category",
      kind: "category",
      options: [
        { key: "materials", label: "Materials" },
        { key: "hardware", label: "Hardware" },
        { key: "other", label: "Other" },
      ],
    },
    { name: "amount", label: "Amount", kind: "text", unit: workshop.currency, half: true },
    { name: "spent_on", label: "Date", kind: "date", half: true },
  ];
}

export function workFields(workshop: Workshop): FieldSpec[] {
  return [
    { name: "pieces", label: "Pieces worked on", kind: "pieces" },
    {
      name: "kind",
      label: "Kind of work",
      kind: "select",
      options: workshop.lists.work_kinds.map((kind) => ({ key: kind.key, label: kind.label })),
    },
    { name: "effort", label: "How long", kind: "effort" },
    { name: "worked_on", label: "Date", kind: "date", half: true },
    {
      name: "person_id",
      label: "Who",
      kind: "select",
      half: true,
      hidden: workshop.people.length < 2,
      options: workshop.people.map((person) => ({ key: String(person.id), label: person.name })),
    },
    { name: "note", label: "Note", kind: "text" },
  ];
}
