// Stops a timer and records the work; undo removes the hours again.
import { useCallback } from "react";
import { api, ask } from "../api/client";
import type { Timer } from "../api/types";
import { useUndo } from "./undo";

export function useStopTimer() {
  const { done, failed } = useUndo();
  return useCallback(
    async (timer: Timer, effort?: string) => {
      try {
        const entry = await ask(api.POST("/api/timers/{id}/stop", { params: { path: { id: timer.id } }, body: effort ? { effort } : {} }));
        done(`${entry.effort?.text} of ${entry.label.toLowerCase()} recorded`, () =>
          ask(api.DELETE("/api/work/{id}", { params: { path: { id: entry.id } } })),
        );
      } catch (error) {
        failed(error);
      }
    },
    [done, failed],
  );
}
