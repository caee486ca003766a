// The work on a piece: its timer within one tap, hours by hand, and what each kind of work took.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { useTimers } from "../../api/queries";
import type { Piece, Workshop } from "../../api/types";
import { useOpen } from "../../kit/session/open";
import { useStopTimer } from "../../kit/session/useStopTimer";
import { Part } from "../../kit/Part";
import { Ticking } from "../../kit/Ticking";
import WorkDialog from "../../kit/WorkDialog";
import { WorkList } from "../../kit/WorkList";

export function WorkPart({ piece, workshop }: { piece: Piece; workshop: Workshop }) {
  const [entering, setEntering] = useState(false);
  const open = useOpen();
  const named = { id: piece.id, name: piece.fields.name ?? "" };
  const stop = useStopTimer();
  const timers = useTimers().data ?? [];
  const here = timers.filter((timer) => timer.pieces.some((one) => one.id === piece.id));
  const kinds = piece.figures.find((figure) => figure.key === "hours")?.terms ?? [];
  return (
    <Part
      title="The work"
      action={
        <>
          <Button onClick={() => setEntering(true)}>Record hours</Button>
          {timers.length < workshop.people.length && (
            <Button variant={here.length ? "outlined" : "contained"} onClick={() => open.startTimer(named)}>
              Start timer
            </Button>
          )}
        </>
      }
    >
      {here.map((timer) => (
        <Box key={timer.id} sx={{ display: "flex", gap: 2, alignItems: "center", py: 1, color: "primary.main" }}>
          <Ticking timer={timer} />
          <span>{`${timer.label}, ${timer.person.name}`}</span>
          <Button variant="contained" onClick={() => void stop(timer)}>
            Stop and record
          </Button>
        </Box>
      ))}
      {kinds.length > 0 && (
        <Box sx={{ pb: 1, color: "text.secondary" }}>
          {kinds.map((term) => `${term.figure.label.toLowerCase()} ${term.figure.text}`).join(" · ")}
        </Box>
      )}
      {piece.work.length > 0 ? (
        <WorkList entries={piece.work} forPiece={piece.id} people={workshop.people.length} />
      ) : (
        <Box sx={{ color: "text.secondary" }}>
          No hours recorded. Start the timer, or write down afterwards what it took.
        </Box>
      )}
      {entering && <WorkDialog piece={named} onClose={() => setEntering(false)} />}
    </Part>
  );
}
