// What happened besides dates, costs and hours: damage, splits, shares that changed with both figures.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { api, ask, undoOf } from "../../api/client";
import type { Piece } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Entries, Entry } from "../../kit/Entry";
import { Fold } from "../../kit/Fold";
import NoteDialog from "../../kit/NoteDialog";
import { useDiary } from "../../api/queries";
import { FormDialog } from "../../kit/FormDialog";
import { Quiet } from "../../kit/layout";
import { t } from "../../locales/flips";

// Everything that happened to a piece in order: dates, costs, work, steps, photos, changes of mind.
const WORDS: Record<string, string> = {
  bought: "bought",
  event: "date",
  cost: "cost",
  shelf: "shelf",
  work: "work",
  step: "step",
  photo: "photo",
  note: "note",
};

function WholeDiary({ id }: { id: number }) {
  const { data } = useDiary(id, true);
  if (!data) return null;
  return (
    <Entries>
      {data.map((line, place) => (
        <Entry
          key={place}
          day={line.on?.text ?? t("diaryPart.date")}
          name={line.text}
          {...(line.money ? { amount: `${line.money.text}` } : line.effort ? { amount: line.effort.text } : {})}
        >
          <Box component="span" sx={{ color: "text.secondary", display: "inline-block", minWidth: 64 }}>
            {WORDS[line.kind]}
          </Box>
          {line.text}
        </Entry>
      ))}
    </Entries>
  );
}

export function DiaryPart({ piece }: { piece: Piece }) {
  const { remove } = useUndo();
  const [sharing, setSharing] = useState(false);
  const into = piece.split_into;
  const [whole, setWhole] = useState(false);
  const [noting, setNoting] = useState(false);
  return (
    <Fold
      title={t("diaryPart.diary")}
      summary={diarySummary(piece)}
      action={
        <>
          <Button onClick={() => setNoting(true)}>{t("diaryPart.addNote")}</Button>
          {into && <Button onClick={() => setSharing(true)}>{t("diaryPart.changeShares")}</Button>}
          <Button onClick={() => setWhole(!whole)} aria-expanded={whole}>
            {whole ? t("diaryPart.notesOnly") : t("diaryPart.everythingOrder")}
          </Button>
        </>
      }
    >
      {whole && <WholeDiary id={piece.id} />}
      {!whole && piece.diary.length === 0 && piece.damages.length === 0 && (
        <Quiet>{t("diaryPart.notesYetChangesMind")}</Quiet>
      )}
      <Entries>
        {!whole &&
          piece.damages.map((damage) => (
            <Entry
              key={`damage-${damage.id}`}
              day={damage.on?.text ?? t("diaryPart.date")}
              name={damage.what}
              onRemove={() => remove(api.DELETE("/api/damages/{id}", { params: { path: { id: damage.id } } }))}
              removeWord={t("diaryPart.undo")}
            >
              <Box component="span" sx={{ color: "error.main", fontWeight: 500 }}>
                {t("diaryPart.damaged", { place: damage.place })}
              </Box>{" "}
              {damage.what}
              {damage.changes.length > 0 && <Quiet>{damage.changes.join(", ")}</Quiet>}
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
  const broken =
    damages.length > 0 && t("diaryPart.damaged2", { more: t("diaryPart.times", { count: damages.length }) });
  return [broken, last?.text ?? (broken ? null : t("diaryPart.notesYet"))].filter(Boolean).join(" · ");
}

// Changing by which parts a split piece passed its costs and hours on.
type Props = { into: NonNullable<Piece["split_into"]>; onClose: () => void };

function SplitShares({ into, onClose }: Props) {
  const { done } = useUndo();
  const path = { params: { path: { id: into.event_id } } };
  return (
    <FormDialog
      title={t("diaryPart.sharesEachPart")}
      submit={t("diaryPart.save")}
      fields={into.parts.map((part) => ({
        name: String(part.id),
        label: part.name,
        kind: "text",
        half: true,
        help: "parts",
      }))}
      initial={Object.fromEntries(into.parts.map((part) => [String(part.id), part.weight]))}
      onClose={onClose}
      onSubmit={async (values) => {
        const parts = into.parts.map((part) => ({ piece_id: part.id, weight: values[String(part.id)] ?? "" }));
        const saved = await ask(api.PATCH("/api/splits/{id}", { ...path, body: { parts } }));
        done(saved.changes.length ? saved.changes.join(" ") : t("diaryPart.nothingChanged"), undoOf(saved));
        onClose();
      }}
    />
  );
}
