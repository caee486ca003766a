// A line for a piece's diary.
import { api, undoOf } from "../api/client";
import { useUndo } from "./session/undo";
import { useTell } from "./session/useTell";
import { FormDialog } from "./FormDialog";
import { t } from "../locales/kit";

export default function NoteDialog({ piece, onClose }: { piece: number; onClose: () => void }) {
  const { done } = useUndo();
  const tell = useTell();
  return (
    <FormDialog
      title={t("noteDialog.addNote")}
      submit={t("noteDialog.addNote2")}
      fields={[{ name: "text", label: t("noteDialog.whatDidSeeThink"), kind: "multiline" }]}
      onClose={onClose}
      onSubmit={async ({ text = "" }) => {
        await tell(
          { what: t("noteDialog.note", { text: text.slice(0, 60) }) },
          (how) => api.POST("/api/pieces/{id}/notes", { params: { path: { id: piece } }, body: { text }, ...how }),
          (note) => done(t("noteDialog.noteAdded"), undoOf(note)),
        );
        onClose();
      }}
    />
  );
}
