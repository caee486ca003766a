// What happened besides dates, costs and hours: damage, splits, shares that changed with both figures.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { api } from "../../api/client";
import type { Piece } from "../../api/types";
import { useUndo } from "../../app/undo";
import { Entries, Entry } from "../../kit/Entry";
import { Part } from "../../kit/Part";
import { SplitShares } from "./SplitShares";

export function DiaryPart({ piece }: { piece: Piece }) {
  const { remove } = useUndo();
  const [sharing, setSharing] = useState(false);
  const into = piece.split_into;
  if (piece.diary.length === 0 && piece.damages.length === 0 && !into) return null;
  return (
    <Part title="Diary" action={into && <Button onClick={() => setSharing(true)}>Change the shares of the split</Button>}>
      <Entries>
        {piece.damages.map((damage) => (
          <Entry
            key={`damage-${damage.id}`}
            day={damage.on?.text ?? "no date"}
            name={damage.what}
            onRemove={() => remove(api.DELETE("/api/damages/{id}", { params: { path: { id: damage.id } } }))}
            removeWord="Take back"
          >
            <Box component="span" sx={{ color: "error.main", fontWeight: 500 }}>
              Broken {damage.place}:
            </Box>{" "}
            {damage.what}
            {damage.changes.length > 0 && <Box sx={{ color: "text.secondary" }}>{damage.changes.join(", ")}</Box>}
          </Entry>
        ))}
        {piece.diary.map((entry) => (
          <Entry key={entry.id} day={entry.on?.text ?? ""} name={entry.text}>
            {entry.text}
          </Entry>
        ))}
      </Entries>
      {sharing && into && <SplitShares into={into} onClose={() => setSharing(false)} />}
    </Part>
  );
}
