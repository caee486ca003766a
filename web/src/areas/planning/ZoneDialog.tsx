// What people change about one zone; empty is as the measures give it.
import { api, ask, undoOf } from "../../api/client";
import type { Catalogue, Plan, Workshop, Zone } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";

type Props = { page: Plan; zone: Zone; catalogue: Catalogue; workshop: Workshop; onClose: () => void };

const MATERIALS = ["solid", "veneer", "laminate", "plywood", "board"];
const choices = (keys: string[], none: string) => [
  { key: "", label: none },
  ...keys.map((key) => ({ key, label: key })),
];

export function ZoneDialog({ page, zone, catalogue, workshop, onClose }: Props) {
  const { done } = useUndo();
  const unit = workshop.length_unit;
  // A part of a split zone is changed through the zone it came from.
  const key = zone.changed ?? zone.key;
  const fields: FieldSpec[] = [
    { name: "label", label: "Its name", kind: "text", half: true },
    { name: "area", label: "Area of one face", kind: "text", half: true, unit: unit === "in" ? "ft²" : "m²" },
    {
      name: "grade",
      label: "Grade",
      kind: "select",
      half: true,
      options: [{ key: "", label: "as usual" }, ...catalogue.grades],
    },
    { name: "material", label: "Of", kind: "select", half: true, options: choices(MATERIALS, "as the piece") },
    {
      name: "relief",
      label: "Relief",
      kind: "select",
      half: true,
      options: [
        { key: "", label: "none" },
        { key: "square", label: "square slats" },
        { key: "half-round", label: "half-rounds that touch" },
      ],
    },
    { name: "relief_depth", label: "Depth of the slats", kind: "text", half: true, unit },
    { name: "relief_pitch", label: "From slat to slat", kind: "text", half: true, unit },
    { name: "parts", label: "Split into", kind: "text", half: true, help: "parts finished apart" },
    {
      name: "into",
      label: "Finish it with",
      kind: "select",
      half: true,
      options: [
        { key: "", label: "by itself" },
        ...page.zones
          .filter((one) => one.key !== zone.key && !one.key.includes("/"))
          .map((one) => ({ key: one.key, label: one.label })),
      ],
    },
  ];
  const before = (zone.change ?? {}) as Values;
  const send = (values: Values) =>
    ask(api.PUT("/api/pieces/{id}/zones", { params: { path: { id: page.id } }, body: { zone: key, ...values } }));
  return (
    <FormDialog
      title={`Zone: ${zone.label}`}
      submit="Save zone"
      fields={fields}
      initial={before}
      onClose={onClose}
      onSubmit={async (values) => {
        const saved = await send(values);
        done(`${zone.label} changed`, undoOf(saved));
        onClose();
      }}
    />
  );
}
