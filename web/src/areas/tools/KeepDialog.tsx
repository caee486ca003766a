// Keeping a result on a piece: its materials are bought with the others, its steps go into the plan.
import { useState } from "react";
import { api } from "../../api/client";
import { usePieces, usePlan, useWorkshop } from "../../api/queries";
import type { Plan, Tool, ToolAnswer } from "../../api/types";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { Quiet } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";

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
      title="Keep on a piece"
      submit="Keep it"
      fields={[
        { name: "piece", label: "Piece", kind: "select", options, onPick: (id) => setOn(Number(id)) },
        ...(applied
          ? ([
              {
                name: "zones",
                label: "Put on",
                kind: "select",
                half: true,
                options: [{ key: "", label: "the usual zones" }, ...groupsOf(zones)],
              },
              { name: "cost", label: "Wood and parts cost", kind: "text", half: true, unit: workshop.data.currency },
            ] satisfies FieldSpec[])
          : []),
      ]}
      initial={{ piece: options.find((one) => one.key === String(piece))?.key ?? options[0]?.key ?? "" }}
      extra={
        <Quiet>
          {[
            answer.headline,
            answer.materials.length > 0 &&
              `To buy with the rest: ${answer.materials.map((one) => `${one.text} ${one.label}`).join(", ")}.`,
            applied &&
              "It becomes part of the chosen look: its steps stand in the plan, its wood and glue in the cost.",
            !applied &&
              answer.steps.length > 0 &&
              `Into its plan: ${answer.steps.map((step) => step.label).join("; ")}.`,
            answer.cuts.length > 0 && "With its cut list.",
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
          (made) => `${made.label} kept on ${options.find((one) => one.key === id)?.label}`,
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
