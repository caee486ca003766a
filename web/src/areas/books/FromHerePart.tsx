// What is in hand by what it pays from here on: what to finish first, what to sell as it is, what to drop.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import { useFromHere } from "../../api/queries";
import type { FromHere, Workshop } from "../../api/types";
import { EventDialog } from "../../kit/EventDialog";
import { Part } from "../../kit/Part";

type Row = FromHere["rows"][number];

const HEADS: Record<Row["advice"], string> = {
  list: "List it",
  finish: "Finish it",
  less: "Finish it, for less than you aim for",
  as_is: "Sell it as it is",
  drop: "Drop it",
  unknown: "Not known yet",
};
const TONE: Record<Row["advice"], string> = {
  list: "secondary.main",
  finish: "primary.main",
  less: "warning.main",
  as_is: "warning.main",
  drop: "error.main",
  unknown: "divider",
};

export function FromHerePart({ workshop }: { workshop: Workshop }) {
  const found = useFromHere();
  const [dropped, setDropped] = useState<Row | null>(null);
  if (!found.data) return null;
  const { rows } = found.data;
  return (
    <Part title="In hand: what next">
      {rows.length === 0 ? (
        <Typography sx={{ color: "text.secondary" }}>Nothing is in hand that is not for sale.</Typography>
      ) : (
        <Box component="ol" aria-label="In hand by what it pays from here on" sx={{ listStyle: "none", m: 0, p: 0 }}>
          {rows.map((row) => (
            <Box
              component="li"
              key={row.piece.id}
              data-from-here={row.piece.id}
              sx={{ borderLeft: 4, borderColor: TONE[row.advice], pl: 1.5, py: 0.75, mb: 1 }}
            >
              <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "baseline" }}>
                <Box sx={{ fontWeight: 600 }}>{HEADS[row.advice]}</Box>
                <Link to={`/pieces/${row.piece.id}${row.advice === "list" ? "/price" : ""}`}>{row.piece.name}</Link>
                {["as_is", "drop"].includes(row.advice) && (
                  <Button size="small" onClick={() => setDropped(row)} aria-label={`Drop ${row.piece.name}`}>
                    Drop
                  </Button>
                )}
              </Box>
              <Box sx={{ color: "text.secondary" }}>{row.text}</Box>
            </Box>
          ))}
        </Box>
      )}
      <Typography variant="caption" component="p" sx={{ color: "text.secondary" }}>
        What was spent and worked so far is spent either way, so it is left out. What a piece brings as it stands is
        common practice, weak.
      </Typography>
      {dropped && (
        <EventDialog
          pieceId={dropped.piece.id}
          kind="scrapped"
          submit="Record it scrapped"
          title={`Drop ${dropped.piece.name}`}
          workshop={workshop}
          onClose={() => setDropped(null)}
        />
      )}
    </Part>
  );
}
