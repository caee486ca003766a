// The work on a piece: what each kind of it took, and each stretch.
import Box from "@mui/material/Box";
import type { Piece, Workshop } from "../../api/types";
import { Fold } from "../../kit/Fold";
import { WorkList } from "../../kit/WorkList";

export function WorkPart({ piece, workshop }: { piece: Piece; workshop: Workshop }) {
  const hours = piece.figures.find((figure) => figure.key === "hours");
  const last = piece.work[piece.work.length - 1];
  const count = piece.work.length === 1 ? "1 entry" : `${piece.work.length} entries`;
  const summary = last
    ? `${count}, ${hours?.text ?? ""} · last ${last.label.toLowerCase()}, ${last.worked_on?.text ?? "on a day not known"}`
    : "none recorded";
  return (
    <Fold title="Hours" summary={summary}>
      {hours && hours.terms.length > 0 && (
        <Box sx={{ pb: 1, color: "text.secondary" }}>
          {hours.terms.map((term) => `${term.figure.label.toLowerCase()} ${term.figure.text}`).join(" · ")}
        </Box>
      )}
      {piece.work.length > 0 ? (
        <WorkList entries={piece.work} forPiece={piece.id} people={workshop.people.length} />
      ) : (
        <Box sx={{ color: "text.secondary" }}>
          No hours recorded. Start the timer, or write down afterwards what it took.
        </Box>
      )}
    </Fold>
  );
}
