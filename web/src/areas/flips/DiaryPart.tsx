// What happened besides dates, costs and hours: damage, splits, shares that changed with both figures.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { api } from "../../api/client";
import type { Piece } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Entries, Entry } from "../../kit/Entry";
import { Fold } from "../../kit/Fold";
import NoteDialog from "../../kit/NoteDialog";
import { SplitShares } from "./SplitShares";
import { WholeDiary } from "./WholeDiary";

export function DiaryPart({ piece, currency }: { piece: Piece; currency: string }) {
  const { remove } = useUndo();
  const [sharing, setSharing] = useState(false);
  const into = piece.split_into;
  const [whole, setWhole] = useState(false);
  const [noting, setNoting] = useState(false);
  return (
    <Fold
      title="Diary"
      summary={diarySummary(piece)}
      action={
        <>
          <Button onClick={() => setNoting(true)}>Note something</Button>
          {into && <Button onClick={() => setSharing(true)}>Change the shares of the split</Button>}
          <Button onClick={() => setWhole(!whole)} aria-expanded={whole}>
            {whole ? "Only notes" : "Everything in order"}
          </Button>
        </>
      }
    >
      {whole && <WholeDiary id={piece.id} currency={currency} />}
      {!whole && piece.diary.length === 0 && piece.damages.length === 0 && (
        <Box sx={{ color: "text.secondary" }}>No notes: changes of mind, damage and what was tried are kept here.</Box>
      )}
      <Entries>
        {!whole &&
          piece.damages.map((damage) => (
            <Entry
              key={`damage-${damage.id}`}
              day={damage.on?.text ?? "no date"}
              name={damage.what}
              onRemove={() => remove(api.DELETE("/api/damages/{id}", { params: { path: { id: damage.id } } }))}
              removeWord="Undo it"
            >
              <Box component="span" sx={{ color: "error.main", fontWeight: 500 }}>
                Broken {damage.place}:
              </Box>{" "}
              {damage.what}
              {damage.changes.length > 0 && <Box sx={{ color: "text.secondary" }}>{damage.changes.join(", ")}</Box>}
            </Entry>
          ))}
        {!whole &&
          piece.diary.map((entry) => (
            <Entry key={entry.id} day={entry.on?.text ?? ""} name={entry.text}>
              {entry.text}
            </Entry>
          ))}
      </Entries>
      {noting && <NoteDialog piece={piece.id} onClose={() => setNoting(false)} />}
      {sharing && into && <SplitShares into={into} onClose={() => setSharing(false)} />}
    </Fold>
  );
}

function diarySummary({ diary, damages }: Piece): string {
  const last = diary[diary.length - 1];
  const broken = damages.length > 0 && `broken ${damages.length === 1 ? "once" : `${damages.length} times`}`;
  return [broken, last?.text ?? (broken ? null : "no notes yet")].filter(Boolean).join(" · ");
}
