// The fields of a piece, as forms show them. brief: what is known at the moment of buying.
import type { Workshop } from "../api/types";
import type { FieldSpec } from "./fields";
import { shapeFields } from "./shape/shapeFields";

const MATERIALS = ["", "solid", "veneer", "laminate", "plywood", "board"].map((key) => ({
  key,
  label: key || "not said",
}));

// planned: hours and cost to come follow its plan, and are not typed.
export function pieceFields(
  workshop: Workshop,
  { brief, planned = false }: { brief: boolean; planned?: boolean },
): FieldSpec[] {
  const money = workshop.currency;
  const unit = workshop.length_unit;
  const first: FieldSpec[] = [
    { name: "name", label: "What is it?", kind: "text" },
    { name: "kind", label: "Kind", kind: "kind", lists: workshop.lists },
    { name: "kind_form", label: "Form", kind: "text", hidden: true },
    { name: "source", label: "Where from", kind: "suggest", suggestions: workshop.lists.sources },
    { name: "bought_on", label: "Bought on", kind: "date", half: true },
    {
      name: "purchase",
      label: "Price paid",
      kind: "text",
      unit: money,
      half: true,
      help: "0 if free, leave blank if not known",
    },
  ];
  const shape = shapeFields(unit, { planned: false });
  const said: FieldSpec[] = [
    { name: "maker", label: "Maker", kind: "suggest", suggestions: workshop.lists.makers },
    { name: "label_found", label: "Label, and where it was found", kind: "text" },
    { name: "made_about", label: "Made about", kind: "text", half: true, help: "a year or decade, if known" },
    { name: "body_material", label: "Body is of", kind: "select", half: true, options: MATERIALS },
    { name: "surface_material", label: "Surface is of", kind: "select", half: true, options: MATERIALS },
    {
      name: "techniques",
      label: "Techniques",
      kind: "text",
      help: "in your words, with commas; Books compares by them",
    },
    { name: "expected_resale", label: "Expected resale", kind: "text", unit: money, half: true },
  ];
  const toCome: FieldSpec[] = [
    {
      name: "hours_to_come",
      label: "Hours still to come",
      kind: "effort",
      bare: "h",
      half: true,
      help: "for the price to ask",
    },
    { name: "promised_on", label: "Promised for", kind: "date", half: true },
    {
      name: "cost_to_come",
      label: "Cost still to come",
      kind: "text",
      unit: money,
      half: true,
      help: "for the price to ask",
    },
  ];
  const notes: FieldSpec = { name: "notes", label: "Notes", kind: "multiline" };
  const many: FieldSpec = {
    name: "count",
    label: "How many alike",
    kind: "text",
    half: true,
    help: "the price is for all of them",
  };
  if (brief) return [...first, ...shape.slice(0, 3), many, notes];
  const headed = (section: string, fields: FieldSpec[]) =>
    fields.map((field, place) => (place === 0 ? { ...field, section } : field));
  return [
    ...headed("What it is", first.slice(0, 3)),
    { name: "units", label: "How many alike in it", kind: "text", half: true, help: "such as 4 chairs kept as one" },
    ...headed("How it came", first.slice(3)),
    ...headed("Measures", shape.slice(0, 3)),
    ...headed("How it looks and what it is made of", [
      { name: "body_colour", label: "Body colour", kind: "colour", half: true },
      { name: "front_colour", label: "Front colour", kind: "colour", half: true },
    ]),
    ...said.slice(3, 5),
    ...headed("Who made it, and how it is worked", [...said.slice(0, 3), said[5]!]),
    ...headed("Money", [
      said[6]!,
      { name: "sundries", label: "Sundries", kind: "text", unit: money, half: true, help: "paper, cloths, tape" },
    ]),
    ...(planned ? [] : headed("Still to come", toCome)),
    ...headed("Notes", [notes]),
  ];
}
