// Keeping a result on a piece: its materials are bought with the others, its steps go into the plan.
import Box from "@mui/material/Box";
import { api, ask } from "../../api/client";
import { usePieces } from "../../api/queries";
import type { Tool, ToolAnswer } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";

type Props = {
  tool: Tool;
  values: Record<string, string>;
  answer: ToolAnswer;
  piece: number | null;
  onClose: () => void;
};

export function KeepDialog({ tool, values, answer, piece, onClose }: Props) {
  const pieces = usePieces({ view: "in_hand", sort: "stage", descending: false, per: 100 });
  const { done } = useUndo();
  if (!pieces.data) return null;
  const options = pieces.data.rows.map((row) => ({ key: String(row.id), label: `${row.ticket} ${row.name}` }));
  return (
    <FormDialog
      title="Keep on a piece"
      submit="Keep it"
      fields={[{ name: "piece", label: "Piece", kind: "select", options }]}
      initial={{ piece: options.find((one) => one.key === String(piece))?.key ?? options[0]?.key ?? "" }}
      extra={
        <Box sx={{ color: "text.secondary" }}>
          {[
            answer.headline,
            answer.materials.length > 0 &&
              `To buy with the rest: ${answer.materials.map((one) => `${one.text} ${one.label}`).join(", ")}.`,
            answer.steps.length > 0 && `Into its plan: ${answer.steps.map((step) => step.label).join("; ")}.`,
            answer.cuts.length > 0 && "With its cut list.",
          ]
            .filter(Boolean)
            .map((line) => (
              <div key={String(line)}>{line}</div>
            ))}
        </Box>
      }
      onClose={onClose}
      onSubmit={async ({ piece: id }) => {
        const made = await ask(
          api.POST("/api/pieces/{id}/tool-results", {
            params: { path: { id: Number(id) } },
            body: { tool: tool.key, values },
          }),
        );
        done(`${made.label} kept on ${options.find((one) => one.key === id)?.label}`, () =>
          ask(api.DELETE("/api/tool-results/{id}", { params: { path: { id: made.id } } })),
        );
        onClose();
      }}
    />
  );
}
