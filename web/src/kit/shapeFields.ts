// The fields of a shape, as bought or as planned.
import type { FieldSpec } from "./fields";

const named = (keys: string[]) => keys.map((key) => ({ key, label: key }));

export function shapeFields(unit: string, { planned }: { planned: boolean }): FieldSpec[] {
  const length = (name: string, label: string): FieldSpec => ({ name, label, kind: "text", unit, half: true });
  const count = (name: string, label: string, help?: string): FieldSpec => ({
    name,
    label,
    kind: "text",
    half: true,
    help,
  });
  const usual = { key: "", label: planned ? "as bought" : "usual for its kind" };
  const select = (name: string, label: string, options: { key: string; label: string }[]): FieldSpec => ({
    name,
    label,
    kind: "select",
    half: true,
    options: [usual, ...options],
  });
  return [
    length("width", "Width"),
    length("depth", "Depth"),
    length("height", "Height"),
    count("drawer_rows", "Drawers by row", "from the top, such as 2,1,1"),
    count("row_heights", "Heights of the rows", "from the top, such as 120, 150"),
    count("doors", "Doors"),
    count("shelves", "Shelves"),
    select("panelled", "Doors are", [
      { key: "no", label: "plain" },
      { key: "yes", label: "frame and panel" },
    ]),
    select("base", "Stands on", named(["legs", "plinth", "skirt", "none"])),
    length("leg", "Height of legs"),
    select("top_shape", "Top is", named(["rectangular", "round", "half-round", "oval", "drop-leaf"])),
    length("leaf", "Width of a leaf"),
    length("upper_height", "Height of upper part"),
    length("upper_depth", "Depth of upper part"),
    count("upper_doors", "Doors of upper part"),
  ];
}
