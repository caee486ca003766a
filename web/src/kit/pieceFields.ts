// The fields of a piece, as forms show them. brief: what is known at the moment of buying.
import type { Workshop } from "../api/types";
import type { FieldSpec } from "./fields";
import { shapeFields } from "./shape/shapeFields";
import { t } from "../locales/kit";

const MATERIALS = ["", "solid", "veneer", "laminate", "plywood", "board"].map((key) => ({
  key,
  label: key || t("pieceFields.said"),
}));

// planned: hours and cost to come follow its plan, and are not typed.
export function pieceFields(
  workshop: Workshop,
  { brief, planned = false }: { brief: boolean; planned?: boolean },
): FieldSpec[] {
  const money = workshop.currency;
  const unit = workshop.length_unit;
  const first: FieldSpec[] = [
    { name: "name", label: t("pieceFields.what"), kind: "text" },
    { name: "kind", label: t("pieceFields.kind"), kind: "kind", lists: workshop.lists },
    { name: "kind_form", label: t("pieceFields.form"), kind: "text", hidden: true },
    { name: "source", label: t("pieceFields.where"), kind: "suggest", suggestions: workshop.lists.sources },
    { name: "bought_on", label: t("pieceFields.bought"), kind: "date", half: true },
    {
      name: "purchase",
      label: t("pieceFields.pricePaid"),
      kind: "text",
      unit: money,
      half: true,
      help: t("pieceFields.n0IfFreeLeave"),
    },
  ];
  const shape = shapeFields(unit, { planned: false });
  const said: FieldSpec[] = [
    { name: "maker", label: t("pieceFields.maker"), kind: "suggest", suggestions: workshop.lists.makers },
    { name: "label_found", label: t("pieceFields.labelWhereFound"), kind: "text" },
    {
      name: "made_about",
      label: t("pieceFields.madeAbout"),
      kind: "text",
      half: true,
      help: t("pieceFields.yearDecadeIfKnown"),
    },
    { name: "body_material", label: t("pieceFields.body"), kind: "select", half: true, options: MATERIALS },
    { name: "surface_material", label: t("pieceFields.surface"), kind: "select", half: true, options: MATERIALS },
    {
      name: "techniques",
      label: t("pieceFields.techniques"),
      kind: "text",
      help: t("pieceFields.yourWordsCommasBooks"),
    },
    { name: "expected_resale", label: t("pieceFields.expectedResale"), kind: "text", unit: money, half: true },
  ];
  const toCome: FieldSpec[] = [
    {
      name: "hours_to_come",
      label: t("pieceFields.hoursStillCome"),
      kind: "effort",
      bare: "h",
      half: true,
      help: t("pieceFields.priceAsk"),
    },
    { name: "promised_on", label: t("pieceFields.promised"), kind: "date", half: true },
    {
      name: "cost_to_come",
      label: t("pieceFields.costStillCome"),
      kind: "text",
      unit: money,
      half: true,
      help: t("pieceFields.priceAsk"),
    },
  ];
  const notes: FieldSpec = { name: "notes", label: t("pieceFields.notes"), kind: "multiline" };
  const many: FieldSpec = {
    name: "count",
    label: t("pieceFields.howManyAlike"),
    kind: "text",
    half: true,
    help: t("pieceFields.priceAllThem"),
  };
  if (brief) return [...first, ...shape.slice(0, 3), many, notes];
  const headed = (section: string, fields: FieldSpec[]) =>
    fields.map((field, place) => (place === 0 ? { ...field, section } : field));
  return [
    ...headed(t("pieceFields.what2"), first.slice(0, 3)),
    {
      name: "units",
      label: t("pieceFields.howManyAlike2"),
      kind: "text",
      half: true,
      help: t("pieceFields.such4ChairsKept"),
    },
    ...headed(t("pieceFields.howCame"), first.slice(3)),
    ...headed(t("pieceFields.measures"), shape.slice(0, 3)),
    ...headed(t("pieceFields.howLooksWhatMade"), [
      { name: "body_colour", label: t("pieceFields.bodyColour"), kind: "colour", half: true },
      { name: "front_colour", label: t("pieceFields.frontColour"), kind: "colour", half: true },
    ]),
    ...said.slice(3, 5),
    ...headed(t("pieceFields.whoMadeHowWorked"), [...said.slice(0, 3), said[5]!]),
    ...headed(t("pieceFields.money"), [
      said[6]!,
      {
        name: "sundries",
        label: t("pieceFields.sundries"),
        kind: "text",
        unit: money,
        half: true,
        help: t("pieceFields.paperClothsTape"),
      },
    ]),
    ...(planned ? [] : headed(t("pieceFields.stillCome"), toCome)),
    ...headed(t("pieceFields.notes"), [notes]),
  ];
}
