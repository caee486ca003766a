// Changes of the plan that have no step now, and steps that were taken out: each can be taken back.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { api } from "../../api/client";
import type { Steps } from "../../api/types";
import { useUndo } from "../../kit/session/undo";

export function LostEdits({ plan }: { plan: Steps }) {
  const { remove } = useUndo();
  if (plan.lost_edits.length === 0) return null;
  return (
    <Box
      component="ul"
      aria-label="Your changes without a step"
      className="no-print"
      sx={{ listStyle: "none", p: 0, m: 0, fontSize: "0.9rem" }}
    >
      {plan.lost_edits.map((edit) => (
        <li key={edit.id}>
          {edit.removed ? `Taken out by you: ${edit.text}` : `Your change waits for its step: ${edit.text}`}
          <Button
            size="small"
            onClick={() => void remove(api.DELETE("/api/plan-edits/{id}", { params: { path: { id: edit.id } } }))}
          >
            Take this change back
          </Button>
        </li>
      ))}
    </Box>
  );
}
