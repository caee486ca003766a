// What a product of one's own has by its label; what is not said is as its kind has it.
import type { Catalogue, Workshop } from "../../api/types";
import type { FieldSpec } from "../../kit/fields";

const NOTHING = "none";

// What a label can say of several things: nothing, one of them, or all.
const sets = (choices: { key: string; label: string }[]) => [
  { key: "", label: "as its kind" },
  { key: NOTHING, label: "nothing" },
  ...choices,
  { key: choices.map((one) => one.key).join(","), label: choices.map((one) => one.label).join(" and ") },
];
export const said = (keys: string[] | null) => (keys === null ? "" : keys.join(",") || NOTHING);
// Only what was said is sent.
export const listed = (chosen: Record<"builtin" | "blocks", string>) =>
  Object.fromEntries(
    Object.entries(chosen)
      .filter(([, value]) => value !== "")
      .map(([name, value]) => [name, value === NOTHING ? [] : value.split(",")]),
  );

export const productFields = (catalogue: Catalogue, workshop: Workshop): FieldSpec[] => [
  { name: "label", label: "What it says on the tin, in your words", kind: "text" },
  {
    name: "generic",
    label: "Is a",
    kind: "select",
    options: catalogue.products.filter((one) => !one.own).map(({ key, label }) => ({ key, label })),
  },
  {
    name: "base",
    label: "Base",
    kind: "select",
    options: [{ key: "", label: "the label does not say" }, ...catalogue.bases],
    help: "what it is thinned and cleaned with: its cautions follow from it",
  },
  {
    name: "builtin",
    label: "Built in",
    kind: "select",
    half: true,
    options: sets(catalogue.labels.builtin),
    help: "a primer or clear coat is then left out",
  },
  {
    name: "blocks",
    label: "Holds back",
    kind: "select",
    half: true,
    options: sets(catalogue.labels.blocks),
  },
  {
    name: "grips",
    label: "Sticks on slick surfaces",
    kind: "select",
    half: true,
    options: [
      { key: "", label: "as its kind" },
      { key: "yes", label: "yes" },
      { key: "no", label: "no" },
    ],
  },
  { name: "thin", label: "Thinned at most", kind: "text", half: true, unit: "%" },
  { name: "rate", label: "Covers", kind: "text", half: true, unit: workshop.measures.rate },
  { name: "touch", label: "Touch dry after", kind: "effort", bare: "h", half: true },
  { name: "sand", label: "Sand after", kind: "effort", bare: "h", half: true },
  { name: "recoat", label: "Recoat after", kind: "effort", bare: "h", half: true },
  { name: "handle", label: "Handle after", kind: "effort", bare: "h", half: true },
  { name: "cure", label: "Cured after", kind: "text", half: true, unit: "days" },
  { name: "coldest", label: "Not below", kind: "text", half: true, unit: workshop.measures.temperature },
  {
    name: "pack_amount",
    label: "Tin holds",
    kind: "text",
    half: true,
    help: `${workshop.measures.volume}, ${workshop.measures.mass}`,
  },
  { name: "pack_price", label: "Tin costs", kind: "text", half: true, unit: workshop.currency },
];
