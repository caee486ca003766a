// Editing a piece. When another tab saved first, both versions are shown and nothing is lost.
import { useState } from "react";
import { api, ask, ProblemError } from "../../api/client";
import type { Piece, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import type { Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { pieceFields } from "../../kit/pieceFields";
import { TwoVersions } from "./TwoVersions";

export function EditPiece({ piece, workshop, onClose }: { piece: Piece; workshop: Workshop; onClose: () => void }) {
  // The version that was opened: what is fetched anew behind the dialog must not slip under it.
  const [opened] = useState(piece);
  const [clash, setClash] = useState<{ theirs: Piece; yours: Values } | null>(null);
  const { done } = useUndo();
  const fields = pieceFields(workshop, { brief: false, planned: piece.planned });

  const save = async (values: Values, version: number, before: Values) => {
    const changed = Object.fromEntries(Object.entries(values).filter(([name, value]) => value !== before[name]));
    const path = { params: { path: { id: piece.id } } };
    const saved = await ask(api.PATCH("/api/pieces/{id}", { ...path, body: { ...changed, lock_version: version } }));
    const back = Object.fromEntries(Object.keys(changed).map((name) => [name, before[name] ?? ""]));
    done(`${saved.fields.name} saved`, () =>
      ask(api.PATCH("/api/pieces/{id}", { ...path, body: { ...back, lock_version: saved.lock_version } })),
    );
    onClose();
  };

  if (clash) {
    return (
      <TwoVersions
        fields={fields}
        theirs={clash.theirs.fields as Values}
        yours={clash.yours}
        opened={opened.fields as Values}
        onClose={onClose}
        onChoose={(values) => save(values, clash.theirs.lock_version, clash.theirs.fields as Values)}
      />
    );
  }
  return (
    <FormDialog
      title={`Edit ${piece.ticket}`}
      submit="Save piece"
      fields={fields}
      initial={opened.fields as Values}
      onClose={onClose}
      onSubmit={async (values) => {
        try {
          await save(values, opened.lock_version, opened.fields as Values);
        } catch (error) {
          if (!(error instanceof ProblemError) || error.problem.status !== 409) throw error;
          setClash({ theirs: error.problem.current as unknown as Piece, yours: values });
        }
      }}
    />
  );
}
