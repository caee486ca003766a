// A step that can be worked now: what, on which piece, how long, with what, and why it comes first.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type ReactNode, useState } from "react";
import { Link } from "react-router";
import type { ScheduledStep } from "../../api/types";

export function NowRow({ row, first, children }: { row: ScheduledStep; first: boolean; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const facts = [row.where, row.place !== "at the bench" && row.place, row.materials.join(", ")]
    .filter(Boolean)
    .join(" · ");
  return (
    <Box component="li" sx={{ borderBottom: 1, borderColor: "divider", py: 1 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, rowGap: 0.5, alignItems: "center" }}>
        <Box sx={{ minWidth: 96, fontSize: first ? 19 : undefined, fontWeight: 600 }}>
          {row.time?.text}
          {row.in_parts && (
            <Box sx={{ color: "text.secondary", fontWeight: 400, fontSize: 14 }}>{`of ${row.whole?.text}`}</Box>
          )}
        </Box>
        <Box sx={{ flex: "1 1 220px", minWidth: 0 }}>
          <Box sx={{ fontWeight: first ? 600 : 500, fontSize: first ? 19 : undefined }}>{row.label}</Box>
          <Box>
            <Link to={`/pieces/${row.piece.id}/plan`}>{row.piece.name}</Link>
            <Box component="span" sx={{ color: "text.secondary" }}>
              {facts && ` · ${facts}`}
            </Box>
          </Box>
        </Box>
        <Box sx={{ minWidth: { sm: 150 }, color: "warning.main" }}>{row.wait ? `then waits ${row.wait}` : ""}</Box>
        <Button size="small" onClick={() => setOpen(!open)} aria-expanded={open} aria-label={`Why ${row.label}`}>
          Why
        </Button>
        {children}
      </Box>
      {open && (
        <Box component="ul" sx={{ m: 0, pl: { xs: 2, sm: 15 }, color: "text.secondary" }}>
          {row.why.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
      )}
    </Box>
  );
}
