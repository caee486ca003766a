// Stretches of work in a list, latest first: date, kind, who, how long, shares; each can be corrected or removed.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { lazy, Suspense, useState } from "react";
import { api } from "../api/client";
import type { Work } from "../api/types";
import { useUndo } from "./session/undo";
import { Entries, Entry } from "./Entry";
import { Quiet } from "./layout";
import { t } from "../locales/kit";

const SHOWN = 8; // entries before the rest is asked for
const WorkDialog = lazy(() => import("./WorkDialog"));

// forPiece: shows that piece's share beside a time worked on several.
export function WorkList({ entries, forPiece, people }: { entries: Work[]; forPiece?: number; people: number }) {
  const [editing, setEditing] = useState<Work | null>(null);
  const [all, setAll] = useState(false);
  const latest = [...entries].reverse();
  const { remove } = useUndo();
  return (
    <>
      <Entries>
        {(all ? latest : latest.slice(0, SHOWN)).map((entry) => (
          <Entry
            key={entry.id}
            day={entry.worked_on?.text ?? t("workList.date")}
            name={`${entry.label}, ${entry.effort?.text}`}
            amount={(entry.shares.find((one) => one.piece_id === forPiece) ?? entry).effort?.text ?? ""}
            onCorrect={entry.trip_id ? undefined : () => setEditing(entry)}
            onRemove={
              entry.trip_id
                ? undefined
                : () => remove(api.DELETE("/api/work/{id}", { params: { path: { id: entry.id } } }))
            }
          >
            {entry.label}
            <Quiet component="span">
              {people > 1 && `, ${entry.person.name}`}
              {entry.started_at && t("workList.from", { startedat: entry.started_at })}
              {!forPiece && `, ${entry.shares.map((one) => one.name).join(" + ")}`}
              {forPiece &&
                entry.shares.length > 1 &&
                t("workList.sharedOverPieces", { effort: entry.effort?.text, count: entry.shares.length })}
            </Quiet>
            {entry.note && <Box sx={{ color: "text.secondary", fontSize: 14 }}>{entry.note}</Box>}
          </Entry>
        ))}
      </Entries>
      {!all && entries.length > SHOWN && (
        <Button className="no-print" onClick={() => setAll(true)}>
          {t("workList.showAll", { count: entries.length })}
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
