// Stretches of work in a list, latest first: date, kind, who, how long, shares; each can be corrected or removed.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { lazy, Suspense, useState } from "react";
import { api, ask } from "../api/client";
import type { Work } from "../api/types";
import { useUndo } from "../app/undo";

// forPiece: shows that piece's share beside a time worked on several.
const SHOWN = 8; // entries before the rest is asked for
const WorkDialog = lazy(() => import("./WorkDialog"));

export function WorkList({ entries, forPiece, people }: { entries: Work[]; forPiece?: number; people: number }) {
  const [editing, setEditing] = useState<Work | null>(null);
  const [all, setAll] = useState(false);
  const latest = [...entries].reverse();
  const { removed, failed } = useUndo();
  const remove = (entry: Work) =>
    ask(api.DELETE("/api/work/{id}", { params: { path: { id: entry.id } } }))
      .then(removed)
      .catch(failed);
  return (
    <>
      <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {(all ? latest : latest.slice(0, SHOWN)).map((entry) => {
          const share = forPiece ? entry.shares.find((one) => one.piece_id === forPiece) : undefined;
          const shared = entry.shares.length > 1;
          return (
            <Box
              component="li"
              key={entry.id}
              sx={{
                display: "flex",
                flexWrap: "wrap",
                columnGap: 2,
                alignItems: "center",
                borderBottom: 1,
                borderColor: "divider",
                minHeight: 44,
              }}
            >
              <Box sx={{ width: 96, color: "text.secondary" }}>{entry.worked_on?.text ?? "no date"}</Box>
              <Box sx={{ flex: "1 1 160px" }}>
                {entry.label}
                {people > 1 && <Box component="span" sx={{ color: "text.secondary" }}>{`, ${entry.person.name}`}</Box>}
                {!forPiece && (
                  <Box
                    component="span"
                    sx={{ color: "text.secondary" }}
                  >{`, ${entry.shares.map((one) => one.name).join(" + ")}`}</Box>
                )}
                {forPiece && shared && (
                  <Box
                    component="span"
                    sx={{ color: "text.secondary" }}
                  >{`, shared: ${entry.effort?.text} over ${entry.shares.length} pieces`}</Box>
                )}
                {entry.note && <Box sx={{ color: "text.secondary", fontSize: 14 }}>{entry.note}</Box>}
              </Box>
              <Box sx={{ minWidth: 70, textAlign: "right", fontWeight: 500 }}>{(share ?? entry).effort?.text}</Box>
              <Box className="no-print">
                <Button
                  size="small"
                  onClick={() => setEditing(entry)}
                  aria-label={`Correct ${entry.label}, ${entry.effort?.text}`}
                >
                  Correct
                </Button>
                <Button
                  size="small"
                  color="inherit"
                  onClick={() => void remove(entry)}
                  aria-label={`Remove ${entry.label}, ${entry.effort?.text}`}
                >
                  Remove
                </Button>
              </Box>
            </Box>
          );
        })}
      </Box>
      {!all && entries.length > SHOWN && (
        <Button className="no-print" onClick={() => setAll(true)}>
          Show all {entries.length} entries
        </Button>
      )}
      {editing && (
        <Suspense>
          <WorkDialog entry={editing} onClose={() => setEditing(null)} />
        </Suspense>
      )}
    </>
  );
}
