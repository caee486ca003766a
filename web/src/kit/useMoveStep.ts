// Moves a step to another day, or back; says what that does to the days on which pieces are ready.
import { useCallback } from "react";
import { api, ask, undoOf } from "../api/client";
import { useUndo } from "./session/undo";

export type Moved = { piece_id: number; step: string; label: string; day: string };

export function useMoveStep() {
  const { done, failed } = useUndo();
  return useCallback(
    async ({ piece_id, step, label, day }: Moved) => {
      try {
        const told = await ask(api.PUT("/api/schedule/moves", { body: { steps: [{ piece_id, step }], day } }));
        done(`${day ? "Moved" : "No longer moved"}: ${label}. ${told.changes.join(" ")}`, undoOf(told));
      } catch (error) {
        failed(error);
      }
    },
    [done, failed],
  );
}
