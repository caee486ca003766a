// A line for a piece's diary.
import { api, undoOf } from "../api/client";
import { useUndo } from "./session/undo";
import { useTell } from "./session/useTell";
import { FormDialog } from "./FormDialog";

export default function NoteDialog({ piece, onClose }: { piece: number; onClose: () => void }) {
  const { done } = useUndo();
  const tell = useTell();
  return (
    <FormDialog
      title="Note something"
      submit="Keep the note"
      fields={[{ name: "text", label: "What was seen or thought of", kind: "multiline" }]}
      onClose={onClose}
      onSubmit={async ({ text = "" }) => {
        await tell(
          { what: `Note: ${text.slice(0, 60)}` },
          (how) => api.POST("/api/pieces/{id}/notes", { params: { path: { id: piece } }, body: { text }, ...how }),
          (note) => done("Note kept", undoOf(note)),
        );
        onClose();
      }}
    />
  );
}
