// Keeping a result on a piece: its materials are bought with the others, its steps go into the plan.
import { useState } from "react";
import { api } from "../../api/client";
import { usePieces, usePlan, useWorkshop } from "../../api/queries";
import type { Plan, Tool, ToolAnswer } from "../../api/types";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { Quiet } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/tools";

type Props = {
  tool: Tool;
  values: Record<string, string>;
  answer: ToolAnswer;
  piece: number | null;
  onClose: () => void;
};

export function KeepDialog({ tool, values, answer, piece, onClose }: Props) {
  const pieces = usePieces({ view: "in_hand", sort: "stage", descending: false, per: 100 });
  const [on, setOn] = useState(piece);
  const plan = usePlan(on ?? 0, tool.applied && on !== null);
  const workshop = useWorkshop();
  const save = useSave();
  if (!pieces.data || !workshop.data) return null;
  const zones = plan.data?.zones ?? [];
  const applied = tool.applied && (plan.data?.looks.some((look) => look.chosen) ?? false);
  const options = pieces.data.rows.map((row) => ({ key: String(row.id), label: `${row.ticket} ${row.name}` }));
  return (
    <FormDialog
      title={t("keepDialog.addPiece")}
      submit={t("keepDialog.add")}
      fields={[
        { name: "piece", label: t("keepDialog.piece"), kind: "select", options, onPick: (id) => setOn(Number(id)) },
        ...(applied
          ? ([
              {
                name: "zones",
                label: t("keepDialog.zones"),
                kind: "select",
                half: true,
                options: [{ key: "", label: t("keepDialog.usualZones") }, ...groupsOf(zones)],
              },
              {
                name: "cost",
                label: t("keepDialog.costWoodParts"),
                kind: "text",
                half: true,
                unit: workshop.data.symbol,
              },
            ] satisfies FieldSpec[])
          : []),
      ]}
      initial={{ piece: options.find((one) => one.key === String(piece))?.key ?? options[0]?.key ?? "" }}
      extra={
        <Quiet>
          {[
            answer.headline,
            answer.materials.length > 0 &&
              t("keepDialog.addedShoppingList", {
                materials: answer.materials.map((one) => `${one.text} ${one.label}`).join(", "),
              }),
            applied && t("keepDialog.becomesPartChosenLook"),
            !applied &&
              answer.steps.length > 0 &&
              t("keepDialog.addedPlan", { steps: answer.steps.map((step) => step.label).join("; ") }),
            answer.cuts.length > 0 && t("keepDialog.cutListComes"),
          ]
            .filter(Boolean)
            .map((line) => (
              <div key={String(line)}>{line}</div>
            ))}
        </Quiet>
      }
      onClose={onClose}
      onSubmit={async ({ piece: id, zones: where = "", cost = "" }) => {
        await save(
          api.POST("/api/pieces/{id}/tool-results", {
            params: { path: { id: Number(id) } },
            body: { tool: tool.key, values, ...(applied ? { zones: where ? where.split(",") : [], cost } : {}) },
          }),
          (made) => t("keepDialog.added", { made: made.label, options: options.find((one) => one.key === id)?.label }),
        );
        onClose();
      }}
    />
  );
}

// All of a group at once, then each zone by itself; keys with commas between.
function groupsOf(zones: Plan["zones"]): { key: string; label: string }[] {
  const groups = [...new Set(zones.map((zone) => zone.group_label))].map((label) => ({
    label,
    key: zones
      .filter((zone) => zone.group_label === label)
      .map((zone) => zone.key)
      .join(","),
  }));
  const single = zones.map((zone) => ({ key: zone.key, label: zone.label }));
  return [...groups.filter((group) => group.key.includes(",")), ...single];
}
