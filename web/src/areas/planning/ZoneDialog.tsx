// What people change about one zone; empty is as the measures give it.
import { api, ask, undoOf } from "../../api/client";
import type { Catalogue, Plan, Workshop, Zone } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { t } from "../../locales/planning";

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
    { name: "label", label: t("zoneDialog.name"), kind: "text", half: true },
    {
      name: "area",
      label: t("zoneDialog.areaOneSide"),
      kind: "text",
      half: true,
      unit: unit === "in" ? t("zoneDialog.ft") : t("zoneDialog.m"),
    },
    {
      name: "grade",
      label: t("zoneDialog.gradeWood"),
      kind: "select",
      half: true,
      options: [{ key: "", label: t("zoneDialog.usual") }, ...catalogue.grades],
    },
    {
      name: "material",
      label: t("zoneDialog.material"),
      kind: "select",
      half: true,
      options: choices(MATERIALS, t("zoneDialog.samePiece")),
    },
    {
      name: "relief",
      label: t("zoneDialog.texture"),
      kind: "select",
      half: true,
      options: [
        { key: "", label: "none" },
        { key: "square", label: t("zoneDialog.squareSlats") },
        { key: "half-round", label: t("zoneDialog.halfRoundsTouching") },
      ],
    },
    { name: "relief_depth", label: t("zoneDialog.depthSlats"), kind: "text", half: true, unit },
    { name: "relief_pitch", label: t("zoneDialog.gapBetweenSlats"), kind: "text", half: true, unit },
    {
      name: "parts",
      label: t("zoneDialog.splitInto"),
      kind: "text",
      half: true,
      help: t("zoneDialog.partsTheirOwnFinish"),
    },
    {
      name: "into",
      label: t("zoneDialog.finishTogether"),
      kind: "select",
      half: true,
      options: [
        { key: "", label: t("zoneDialog.own") },
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
      title={t("zoneDialog.zone", { zone: zone.label })}
      submit={t("zoneDialog.saveZone")}
      fields={fields}
      initial={before}
      onClose={onClose}
      onSubmit={async (values) => {
        const saved = await send(values);
        done(t("zoneDialog.changed", { zone: zone.label }), undoOf(saved));
        onClose();
      }}
    />
  );
}
