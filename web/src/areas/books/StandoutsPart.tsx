// The best and the worst flips, each with what set it apart.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { FlipSpread } from "../../api/types";
import { Part } from "../../kit/Part";

type One = FlipSpread["best"][number];

function List({ title, flips, currency }: { title: string; flips: One[]; currency: string }) {
  return (
    <Box>
      <Typography variant="h3">{title}</Typography>
      <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
        {flips.map((flip) => (
          <li key={flip.id}>
            <Link to={`/pieces/${flip.id}`} style={{ fontWeight: 600 }}>
              {flip.name}
            </Link>
            {`: ${flip.profit?.text} ${currency}${flip.effort ? ` in ${flip.effort.text}` : ", hours not known"}`}
            <Box sx={{ color: "text.secondary" }}>
              {flip.reasons.length ? flip.reasons.join("; ") : "nothing sets it apart that history can show"}
            </Box>
          </li>
        ))}
      </Box>
    </Box>
  );
}

export function StandoutsPart({ spread, currency }: { spread: FlipSpread; currency: string }) {
  if (spread.n === 0) return null;
  return (
    <Part title="Best and worst">
      <Box sx={{ display: "grid", gridTemplateColumns: { md: "1fr 1fr" }, gap: 3 }}>
        <List title="Brought most" flips={spread.best} currency={currency} />
        {spread.worst.length > 0 && <List title="Brought least" flips={spread.worst} currency={currency} />}
      </Box>
    </Part>
  );
}
