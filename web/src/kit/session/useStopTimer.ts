// Stops a timer and records the work, with the step done where that is said; undo takes both back. Where the workshop
// is offline, the finished timer is kept with both its moments.
import { useCallback } from "react";
import { api, undoOf } from "../../api/client";
import { forget } from "../../api/device/ownTimers";
import type { FinishedSteps, Timer, Work } from "../../api/types";
import { useUndo } from "./undo";
import { useTell } from "./useTell";
import { t } from "../../locales/kit";

// done: the steps that it ran on; done_steps: of a timer without steps, those that it finished; badly: it did not work.
export type Stop = {
  effort?: string;
  done?: boolean;
  zones?: string[];
  take?: boolean;
  done_steps?: FinishedSteps;
  badly?: { lost?: string; note?: string };
};

// A finished timer, as it is synced later; seconds: on its clock.
function finished(timer: Timer, stop: Stop, seconds: number) {
  const now = Date.now();
  return {
    from: new Date(now - seconds * 1000).toISOString(),
    to: new Date(now).toISOString(),
    person_id: timer.person.id,
    kind: timer.kind,
    ...(timer.id > 0 ? { timer_id: timer.id } : timer.reference ? { begun_as: timer.reference } : {}),
    ...(timer.steps.length > 0
      ? { steps: timer.steps.map(({ piece_id, step }) => ({ piece_id, step })) }
      : { piece_ids: timer.pieces.map((piece) => piece.id) }),
    ...stop,
  };
}

export function useStopTimer() {
  const { done, failed } = useUndo();
  const tell = useTell();
  return useCallback(
    async (timer: Timer, stop: Stop = {}) => {
      const seconds = (Date.now() - startOf(timer)) / 1000;
      const step = timer.steps[0];
      const pieces = timer.pieces.map((piece) => piece.name).join(" + ");
      const body = finished(timer, stop, seconds);
      const fact = {
        what: t("useStopTimer.of", {
          effort: stop.effort ?? t("useStopTimer.min", { minutes: Math.max(Math.round(seconds / 60), 1) }),
          timer: timer.label.toLowerCase(),
          pieces,
        }),
        instead: { url: "/api/work/timed", body },
        ...(timer.id > 0 ? { ends: timer.id } : {}),
        ...(stop.done && step && !stop.zones ? { tick: { piece: step.piece_id, step: step.step } } : {}),
      };
      try {
        await tell<Work>(
          fact,
          (how) =>
            timer.id > 0
              ? api.POST("/api/timers/{id}/stop", { params: { path: { id: timer.id } }, body: stop, ...how })
              : api.POST("/api/work/timed", { body, ...how }),
          (entry) => done(recorded(entry, stop), undoOf(entry)),
        );
        if (timer.id < 0) forget(timer.id);
        return true;
      } catch (error) {
        failed(error);
        return false;
      }
    },
    [done, failed, tell],
  );
}

// When it began, by this device's clock.
const startOf = (timer: Timer) =>
  timer.id > 0 ? Date.now() - (timer.elapsed?.seconds ?? 0) * 1000 : new Date(timer.started_at).getTime();

// What to say of recorded work.
function recorded(entry: Work, stop: Stop): string {
  const taken = entry.taken.map((one) => one.what);
  const said = [
    t("useStopTimer.recorded", { effort: entry.effort?.text, entry: entry.label.toLowerCase() }),
    stop.done && t("useStopTimer.stepDone"),
    taken.length > 0 && t("useStopTimer.takenShelf", { taken: taken.join(", ") }),
  ];
  return said.filter(Boolean).join(", ");
}
