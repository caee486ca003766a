// Stops a timer and records the work, with the step done where that is said; undo takes both back.
import { useCallback } from "react";
import { api, ask } from "../../api/client";
import type { Timer } from "../../api/types";
import { useUndo } from "./undo";

export type Stop = { effort?: string; done?: boolean; zones?: string[]; take?: boolean };

export function useStopTimer() {
  const { done, failed } = useUndo();
  return useCallback(
    async (timer: Timer, stop: Stop = {}) => {
      try {
        const entry = await ask(api.POST("/api/timers/{id}/stop", { params: { path: { id: timer.id } }, body: stop }));
        const reopen = stop.done ? timer.steps : [];
        const taken = entry.taken.map((one) => one.what);
        const said = [
          `${entry.effort?.text} of ${entry.label.toLowerCase()} recorded`,
          stop.done && "step done",
          taken.length > 0 && `${taken.join(", ")} taken from the shelf`,
        ];
        done(said.filter(Boolean).join(", "), async () => {
          for (const { id } of entry.taken) await ask(api.DELETE("/api/costs/{id}", { params: { path: { id } } }));
          await ask(api.DELETE("/api/work/{id}", { params: { path: { id: entry.id } } }));
          for (const { piece_id, step } of reopen) {
            const body = { step, ...(stop.zones ? { zones: stop.zones } : {}) };
            await ask(api.POST("/api/pieces/{id}/steps/open", { params: { path: { id: piece_id } }, body }));
          }
        });
        return true;
      } catch (error) {
        failed(error);
        return false;
      }
    },
    [done, failed],
  );
}
