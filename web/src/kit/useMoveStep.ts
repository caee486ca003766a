// Moves a step to another day, or takes the move back; says what that does to the days on which pieces are ready.
import { useCallback } from "react";
import { api, ask } from "../api/client";
import { useUndo } from "./session/undo";

export type Moved = { piece_id: number; step: string; label: string; day: string };

export function useMoveStep() {
  const { done, failed } = useUndo();
  return useCallback(
    async ({ piece_id, step, label, day }: Moved) => {
      const send = (to: string) => ask(api.PUT("/api/schedule/moves", { body: { piece_id, step, day: to } }));
      try {
        const told = await send(day);
        done(`${day ? "Moved" : "No longer moved"}: ${label}. ${told.changes.join(" ")}`, () => send(""));
      } catch (error) {
        failed(error);
      }
    },
    [done, failed],
  );
}
