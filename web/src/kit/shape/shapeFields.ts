// The fields of a shape, as bought or as planned, in groups as one looks at a piece.
import type { FieldSpec } from "../fields";
import { t } from "../../locales/kit";

const named = (keys: string[]) => keys.map((key) => ({ key, label: key }));
export type ShapeGroup = { title: string; fields: FieldSpec[] };

// planned: what is left empty stays as it was bought; else it is not there.
export function shapeGroups(unit: string, { planned }: { planned: boolean }): ShapeGroup[] {
  const length = (name: string, label: string, help?: string): FieldSpec => ({
    name,
    label,
    kind: "text",
    unit,
    half: true,
    help,
  });
  const count = (name: string, label: string, help?: string): FieldSpec => ({
    name,
    label,
    kind: "text",
    half: true,
    help,
  });
  const select = (name: string, label: string, options: { key: string; label: string }[]): FieldSpec => ({
    name,
    label,
    kind: "select",
    half: true,
    options: planned ? [{ key: "", label: t("shapeFields.bought") }, ...options] : options,
  });
  return [
    {
      title: t("shapeFields.size"),
      fields: [
        length("width", t("shapeFields.width")),
        length("depth", t("shapeFields.depth")),
        length("height", t("shapeFields.height")),
      ],
    },
    {
      title: t("shapeFields.front"),
      fields: [
        count("drawer_rows", t("shapeFields.drawersEachRow"), t("shapeFields.topLike21")),
        count("row_heights", t("shapeFields.rowHeights"), t("shapeFields.leaveBlankIfTheyre")),
        count("compartments", t("shapeFields.openCompartments")),
        count("doors", t("shapeFields.doors")),
        select("door_style", t("shapeFields.doorStyle"), [
          { key: "plain", label: "plain" },
          { key: "panelled", label: t("shapeFields.framePanel") },
          { key: "glazed", label: "glazed" },
        ]),
        count("inner_shelves", t("shapeFields.shelvesBehindDoors")),
        count("shelves", t("shapeFields.openShelves")),
        select("front", t("shapeFields.frontShape"), [
          { key: "flat", label: "flat" },
          { key: "bow", label: "bowed" },
          { key: "slant", label: t("shapeFields.slantFrontAbove") },
        ]),
      ],
    },
    {
      title: t("shapeFields.topBase"),
      fields: [
        select("top_shape", t("shapeFields.top"), named(["rectangular", "round", "half-round", "oval", "drop-leaf"])),
        length("leaf", t("shapeFields.leafWidth")),
        select("base", t("shapeFields.base"), named(["legs", "plinth", "skirt", "none"])),
        length("leg", t("shapeFields.legHeight")),
      ],
    },
    {
      title: t("shapeFields.upperPart"),
      fields: [
        length("upper_height", t("shapeFields.upperHeight"), t("shapeFields.leaveBlankIfHas")),
        length("upper_depth", t("shapeFields.upperDepth")),
        select("upper_style", t("shapeFields.upperPart2"), [
          { key: "doors", label: "doors" },
          { key: "glazed", label: t("shapeFields.glazedDoors") },
          { key: "open", label: t("shapeFields.openShelves2") },
          { key: "mirror", label: t("shapeFields.mirror") },
        ]),
        count("upper_doors", t("shapeFields.upperDoors")),
      ],
    },
  ];
}

export const shapeFields = (unit: string, given: { planned: boolean }): FieldSpec[] =>
  shapeGroups(unit, given).flatMap((group) => group.fields);
