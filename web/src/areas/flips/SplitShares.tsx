// Changing by which parts a split piece passed its costs and hours on.
import { api, ask } from "../../api/client";
import type { Piece } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";

type Props = { into: NonNullable<Piece["split_into"]>; onClose: () => void };

export function SplitShares({ into, onClose }: Props) {
  const { done } = useUndo();
  const path = { params: { path: { id: into.event_id } } };
  return (
    <FormDialog
      title="Shares of the split"
      submit="Save shares"
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
        const before = into.parts.map((part) => ({ piece_id: part.id, weight: part.weight }));
        const { changes } = await ask(api.PATCH("/api/splits/{id}", { ...path, body: { parts } }));
        done(changes.length ? changes.join(" ") : "Nothing changed", () =>
          ask(api.PATCH("/api/splits/{id}", { ...path, body: { parts: before } })),
        );
        onClose();
      }}
    />
  );
}
