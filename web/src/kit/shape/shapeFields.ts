// The fields of a shape, as bought or as planned, in groups as one looks at a piece.
import type { FieldSpec } from "../fields";

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
    options: planned ? [{ key: "", label: "as bought" }, ...options] : options,
  });
  return [
    { title: "Size", fields: [length("width", "Width"), length("depth", "Depth"), length("height", "Height")] },
    {
      title: "Front",
      fields: [
        count("drawer_rows", "Drawers by row", "from the top, such as 2,1,1"),
        count("row_heights", "Heights of the rows", "leave blank if equal"),
        count("compartments", "Open compartments"),
        count("doors", "Doors"),
        select("door_style", "Doors are", [
          { key: "plain", label: "plain" },
          { key: "panelled", label: "frame and panel" },
          { key: "glazed", label: "glazed" },
        ]),
        count("inner_shelves", "Shelves behind doors"),
        count("shelves", "Open shelves"),
        select("front", "Front is", [
          { key: "flat", label: "flat" },
          { key: "bow", label: "bowed" },
          { key: "slant", label: "a slant fall above" },
        ]),
      ],
    },
    {
      title: "Top and base",
      fields: [
        select("top_shape", "Top is", named(["rectangular", "round", "half-round", "oval", "drop-leaf"])),
        length("leaf", "Width of a leaf"),
        select("base", "Stands on", named(["legs", "plinth", "skirt", "none"])),
        length("leg", "Leg height"),
      ],
    },
    {
      title: "Upper part",
      fields: [
        length("upper_height", "Upper height", "leave blank if there is none"),
        length("upper_depth", "Upper depth"),
        select("upper_style", "Upper part has", [
          { key: "doors", label: "doors" },
          { key: "glazed", label: "glazed doors" },
          { key: "open", label: "open shelves" },
          { key: "mirror", label: "a mirror" },
        ]),
        count("upper_doors", "Upper doors"),
      ],
    },
  ];
}

export const shapeFields = (unit: string, given: { planned: boolean }): FieldSpec[] =>
  shapeGroups(unit, given).flatMap((group) => group.fields);
