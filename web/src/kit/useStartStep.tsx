// Starts a timer on a step with one tap; asks for the reason where it is too early, and has a caution read, or the
// lead question answered, on the spot.
import { lazy, type ReactNode, Suspense, useState } from "react";
import { api, ask, isUnreachable, newKey, ProblemError } from "../api/client";
import { useBeginHere } from "./session/useBeginHere";
import { useUndo } from "./session/undo";
import { type Danger, dangerOf } from "./danger";
import { LazyForm } from "./LazyForm";
import { t } from "../locales/kit";

const DangerDialog = lazy(() => import("./DangerDialog"));

type Wanted = { piece_id: number; step: string; label: string; person_id?: number };

// Returns what starts it, and what must be drawn for its questions.
export function useStartStep(): [(wanted: Wanted) => void, ReactNode] {
  const [early, setEarly] = useState<{ wanted: Wanted; why: string } | null>(null);
  const [danger, setDanger] = useState<{ wanted: Wanted; danger: Danger } | null>(null);
  const { done, failed } = useUndo();
  const beginHere = useBeginHere();
  const send = async ({ piece_id, step, label, person_id }: Wanted, reason?: string) => {
    const body = { steps: [{ piece_id, step }], ...(person_id ? { person_id } : {}), ...(reason ? { reason } : {}) };
    const reference = newKey();
    const asked = api.POST("/api/timers", { body, headers: { Reference: reference } });
    const timer = await ask(asked).catch((error: unknown) => {
      if (!isUnreachable(error)) throw error;
      beginHere({ piece_id, step, ...(person_id ? { person_id } : {}) }, reference);
    });
    if (!timer) return;
    done(t("useStartStep.timerStarted", { label }), () =>
      ask(api.DELETE("/api/timers/{id}", { params: { path: { id: timer.id } } })),
    );
  };
  const start = (wanted: Wanted) =>
    void send(wanted).catch((error: unknown) => {
      const field = error instanceof ProblemError ? error.problem.errors[0]?.field : undefined;
      const why = error instanceof ProblemError ? error.message : "";
      if (field === "reason") setEarly({ wanted, why });
      else {
        const met = dangerOf(error);
        if (met) setDanger({ wanted, danger: met });
        else failed(error);
      }
    });
  const shown = (
    <>
      {early && (
        <LazyForm
          title={t("useStartStep.tooEarlyStart")}
          submit={t("useStartStep.startAnyway")}
          fields={[
            {
              name: "reason",
              label: t("useStartStep.whyOkStartNow"),
              kind: "text",
              help: t("useStartStep.savedPiecesDiary"),
            },
          ]}
          extra={early.why}
          onClose={() => setEarly(null)}
          onSubmit={async (values) => {
            await send(early.wanted, values.reason);
            setEarly(null);
          }}
        />
      )}
      {danger && (
        <Suspense>
          <DangerDialog
            danger={danger.danger}
            onClose={() => setDanger(null)}
            onCleared={() => {
              setDanger(null);
              start(danger.wanted);
            }}
          />
        </Suspense>
      )}
    </>
  );
  return [start, shown];
}
