// A step that follows in the time at hand: how long, what, on which piece; why it stands here is in its menu.
import Box from "@mui/material/Box";
import { type ReactNode, useState } from "react";
import { Link } from "react-router";
import type { ScheduledStep } from "../../api/types";
import { RowMenu } from "../../kit/RowMenu";

export function NowRow({ row, children }: { row: ScheduledStep; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const facts = [
    row.where,
    row.place !== "at the bench" && row.place,
    row.materials.join(", "),
    row.wait && `then waits ${row.wait}`,
  ].filter(Boolean);
  return (
    <Box component="li" sx={{ borderBottom: 1, borderColor: "divider", py: 0.75 }}>
      <Box sx={{ display: "flex", columnGap: 1.5, alignItems: "center" }}>
        <Box sx={{ minWidth: 62, fontWeight: 600 }}>
          {row.time?.text}
          {row.in_parts && (
            <Box sx={{ color: "text.secondary", fontWeight: 400, fontSize: 14 }}>{`of ${row.whole?.text}`}</Box>
          )}
        </Box>
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Box sx={{ fontWeight: 500 }}>{row.label}</Box>
          <Box sx={{ color: "text.secondary", fontSize: 15 }}>
            <Link to={`/pieces/${row.piece.id}`}>{row.piece.name}</Link>
            {facts.length > 0 && ` · ${facts.join(" · ")}`}
          </Box>
        </Box>
        {children}
        <RowMenu
          name={row.label}
          actions={[
            { label: open ? "Hide why" : "Why here", run: () => setOpen(!open) },
            { label: "In its plan", to: `/pieces/${row.piece.id}/plan` },
            { label: "Move it in the week", to: "/week" },
          ]}
        />
      </Box>
      {open && (
        <Box component="ul" sx={{ m: 0, pl: 10, color: "text.secondary" }}>
          {row.why.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
      )}
    </Box>
  );
}
