// Starts a timer on a step with one tap; asks for the reason where it is too early, and shows a caution that has not been read.
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { type ReactNode, useState } from "react";
import { useNavigate } from "react-router";
import { api, ask, ProblemError } from "../api/client";
import { useUndo } from "../app/undo";
import { LazyForm } from "./LazyForm";

type Wanted = { piece_id: number; step: string; label: string; person_id?: number };

// Returns what starts it, and what must be drawn for its questions.
export function useStartStep(): [(wanted: Wanted) => void, ReactNode] {
  const [early, setEarly] = useState<{ wanted: Wanted; why: string } | null>(null);
  const [caution, setCaution] = useState<{ wanted: Wanted; why: string } | null>(null);
  const { done, failed } = useUndo();
  const navigate = useNavigate();
  const send = async ({ piece_id, step, label, person_id }: Wanted, reason?: string) => {
    const body = { steps: [{ piece_id, step }], ...(person_id ? { person_id } : {}), ...(reason ? { reason } : {}) };
    const timer = await ask(api.POST("/api/timers", { body }));
    done(`Timer started: ${label}`, () => ask(api.DELETE("/api/timers/{id}", { params: { path: { id: timer.id } } })));
  };
  const start = (wanted: Wanted) =>
    void send(wanted).catch((error: unknown) => {
      const field = error instanceof ProblemError ? error.problem.errors[0]?.field : undefined;
      const why = error instanceof ProblemError ? error.message : "";
      if (field === "reason") setEarly({ wanted, why });
      else if (field === "caution") setCaution({ wanted, why });
      else failed(error);
    });
  const shown = (
    <>
      {early && (
        <LazyForm
          title="It is too early"
          submit="Start all the same"
          fields={[{ name: "reason", label: "Why it may go on now", kind: "text", help: "kept in the diary of the piece" }]}
          extra={early.why}
          onClose={() => setEarly(null)}
          onSubmit={async (values) => {
            await send(early.wanted, values.reason);
            setEarly(null);
          }}
        />
      )}
      {caution && (
        <Dialog open onClose={() => setCaution(null)} aria-labelledby="caution-first">
          <DialogTitle id="caution-first">Caution before it starts</DialogTitle>
          <DialogContent>{caution.why}</DialogContent>
          <DialogActions>
            <Button onClick={() => setCaution(null)}>Not now</Button>
            <Button variant="contained" onClick={() => void navigate(`/pieces/${caution.wanted.piece_id}/plan`)}>
              Read it in the plan
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </>
  );
  return [start, shown];
}
