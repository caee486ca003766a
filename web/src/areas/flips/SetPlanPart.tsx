// The work of a set in one go: each step once, ticked piece by piece.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { api, ask } from "../../api/client";
import { useSetPlan } from "../../api/queries";
import type { SetPlan } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Part } from "../../kit/Part";

type Line = SetPlan["lines"][number];
type Piece = Line["pieces"][number];

export function SetPlanPart({ id }: { id: number }) {
  const { data } = useSetPlan(id);
  if (!data || data.lines.length === 0) return null;
  const saved = (data.alone?.seconds ?? 0) > (data.together?.seconds ?? 0);
  return (
    <Part title="Worked together">
      <Typography sx={{ mb: 1 }}>
        {`${data.together?.text} to come in one go`}
        {saved ? `, ${data.alone?.text} one by one: setting up and cleaning count once.` : "."}
      </Typography>
      <Box component="ol" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {data.lines.map((line, place) => (
          <Step key={line.key} line={line} first={line.phase !== data.lines[place - 1]?.phase} />
        ))}
      </Box>
    </Part>
  );
}

function Step({ line, first }: { line: Line; first: boolean }) {
  const over = line.pieces.every((piece) => piece.state === "done");
  return (
    <Box component="li" sx={{ borderTop: 1, borderColor: "divider", py: 0.75, breakInside: "avoid" }}>
      {first && (
        <Typography variant="overline" component="div" sx={{ color: "text.secondary", lineHeight: 1.6 }}>
          {line.phase}
        </Typography>
      )}
      <Box sx={{ display: "flex", gap: 1 }}>
        <Box sx={{ flex: 1, textDecoration: over ? "line-through" : undefined, fontWeight: 500 }}>{line.label}</Box>
        <Box sx={{ whiteSpace: "nowrap" }}>{line.time?.text}</Box>
      </Box>
      <Box role="group" aria-label={line.label} sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, mt: 0.5 }}>
        {line.pieces.map((piece) => (
          <Tick key={piece.id} line={line} piece={piece} />
        ))}
      </Box>
    </Box>
  );
}

// What ends with an answer is answered on the piece's own plan; a caution that was not read yet stands there, too.
function Tick({ line, piece }: { line: Line; piece: Piece }) {
  const { done, failed } = useUndo();
  const path = { params: { path: { id: piece.id } } };
  const body = { step: line.key };
  const over = piece.state === "done";
  if (piece.answered && !over)
    return (
      <Button size="small" variant="outlined" component={Link} to={`/pieces/${piece.id}/plan`}>
        {`${piece.name}: answer it`}
      </Button>
    );
  const toggle = async () => {
    const finish = () => ask(api.POST("/api/pieces/{id}/steps/done", { ...path, body }));
    const reopen = () => ask(api.POST("/api/pieces/{id}/steps/open", { ...path, body }));
    await (over ? reopen() : finish());
    done(`${over ? "To do again" : "Done"}: ${line.label}, ${piece.name}`, () => (over ? finish() : reopen()));
  };
  return (
    <Button
      size="small"
      variant={over ? "contained" : "outlined"}
      aria-pressed={over}
      onClick={() => void toggle().catch(failed)}
    >
      {`${piece.name}${piece.state === "part" ? ", begun" : ""}`}
    </Button>
  );
}
