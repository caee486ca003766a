// The fields of a piece, as forms show them. brief: what is known at the moment of buying.
import type { Workshop } from "../api/types";
import type { FieldSpec } from "./fields";
import { shapeFields } from "./shape/shapeFields";
import { t } from "../locales/kit";

const MATERIALS = ["", "solid", "veneer", "laminate", "plywood", "board"].map((key) => ({
  key,
  label: key || t("pieceFields.set"),
}));

// planned: hours and cost to come follow its plan, and are not typed.
export function pieceFields(
  workshop: Workshop,
  { brief, planned = false }: { brief: boolean; planned?: boolean },
): FieldSpec[] {
  const money = workshop.symbol;
  const unit = workshop.length_unit;
  const first: FieldSpec[] = [
    { name: "name", label: t("pieceFields.what"), kind: "text" },
    { name: "kind", label: t("pieceFields.kind"), kind: "kind", lists: workshop.lists },
    { name: "kind_form", label: t("pieceFields.form"), kind: "text", hidden: true },
    { name: "source", label: t("pieceFields.bought"), kind: "suggest", suggestions: workshop.lists.sources },
    { name: "bought_on", label: t("pieceFields.bought2"), kind: "date", half: true },
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
    { name: "label_found", label: t("pieceFields.labelStampWhere"), kind: "text" },
    {
      name: "made_about",
      label: t("pieceFields.madeAround"),
      kind: "text",
      half: true,
      help: t("pieceFields.yearDecadeIfKnow"),
    },
    { name: "body_material", label: t("pieceFields.mainMaterial"), kind: "select", half: true, options: MATERIALS },
    { name: "surface_material", label: t("pieceFields.surface"), kind: "select", half: true, options: MATERIALS },
    {
      name: "techniques",
      label: t("pieceFields.techniques"),
      kind: "text",
      help: t("pieceFields.ownWordsSeparatedCommas"),
    },
    { name: "expected_resale", label: t("pieceFields.expectedPrice"), kind: "text", unit: money, half: true },
  ];
  const toCome: FieldSpec[] = [
    {
      name: "hours_to_come",
      label: t("pieceFields.workLeft"),
      kind: "effort",
      bare: "h",
      half: true,
      help: t("pieceFields.usedSuggestPrice"),
    },
    { name: "promised_on", label: t("pieceFields.promised"), kind: "date", half: true },
    {
      name: "cost_to_come",
      label: t("pieceFields.stillSpend"),
      kind: "text",
      unit: money,
      half: true,
      help: t("pieceFields.usedSuggestPrice"),
    },
  ];
  const notes: FieldSpec = { name: "notes", label: t("pieceFields.notes"), kind: "multiline" };
  const many: FieldSpec = {
    name: "count",
    label: t("pieceFields.howManyThese"),
    kind: "text",
    half: true,
    help: t("pieceFields.priceAllThemTogether"),
  };
  if (brief) return [...first, ...shape.slice(0, 3), many, notes];
  const headed = (section: string, fields: FieldSpec[]) =>
    fields.map((field, place) => (place === 0 ? { ...field, section } : field));
  return [
    ...headed(t("pieceFields.what2"), first.slice(0, 3)),
    {
      name: "units",
      label: t("pieceFields.howMany"),
      kind: "text",
      half: true,
      help: t("pieceFields.example4ChairsRecorded"),
    },
    ...headed(t("pieceFields.howGot"), first.slice(3)),
    ...headed(t("pieceFields.measures"), shape.slice(0, 3)),
    ...headed(t("pieceFields.looksMaterials"), [
      { name: "body_colour", label: t("pieceFields.bodyColor"), kind: "colour", half: true },
      { name: "front_colour", label: t("pieceFields.frontColor"), kind: "colour", half: true },
    ]),
    ...said.slice(3, 5),
    ...headed(t("pieceFields.makerTechniques"), [...said.slice(0, 3), said[5]!]),
    ...headed(t("pieceFields.money"), [
      said[6]!,
      {
        name: "sundries",
        label: t("pieceFields.sundries"),
        kind: "text",
        unit: money,
        half: true,
        help: t("pieceFields.sandpaperRagsTape"),
      },
    ]),
    ...(planned ? [] : headed(t("pieceFields.leftDo"), toCome)),
    ...headed(t("pieceFields.notes"), [notes]),
  ];
}
