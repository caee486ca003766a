// Editing a piece. When another tab saved first, both versions are shown and nothing is lost.
import { useState } from "react";
import { api, ask, ProblemError, undoOf } from "../../api/client";
import type { Piece, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import type { Values, FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { pieceFields } from "../../kit/pieceFields";
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "../../kit/BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import Radio from "@mui/material/Radio";
import RadioGroup from "@mui/material/RadioGroup";
import { t } from "../../locales/flips";

export function EditPiece({ piece, workshop, onClose }: { piece: Piece; workshop: Workshop; onClose: () => void }) {
  // The version that was opened: what is fetched again behind the dialog must not slip under it.
  const [opened] = useState(piece);
  const [clash, setClash] = useState<{ theirs: Piece; yours: Values } | null>(null);
  const { done } = useUndo();
  const fields = pieceFields(workshop, { brief: false, planned: piece.planned });

  const save = async (values: Values, version: number, before: Values) => {
    const changed = Object.fromEntries(Object.entries(values).filter(([name, value]) => value !== before[name]));
    const path = { params: { path: { id: piece.id } } };
    const saved = await ask(api.PATCH("/api/pieces/{id}", { ...path, body: { ...changed, lock_version: version } }));
    done(t("editPiece.saved", { fields: saved.fields.name }), undoOf(saved));
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
      title={t("editPiece.edit", { ticket: piece.ticket })}
      submit={t("editPiece.save")}
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

// Two versions of a piece side by side: field by field, the person says which one stands.
type Props = {
  fields: FieldSpec[];
  opened: Values;
  theirs: Values;
  yours: Values;
  onClose: () => void;
  onChoose: (values: Values) => Promise<void>;
};

function TwoVersions({ fields, opened, theirs, yours, onClose, onChoose }: Props) {
  // Only what this tab changed can clash; anything else stays as the other tab saved it.
  const differing = fields.filter(
    (field) => yours[field.name] !== opened[field.name] && yours[field.name] !== theirs[field.name],
  );
  const [picked, setPicked] = useState<Record<string, string>>(
    Object.fromEntries(differing.map((field) => [field.name, "yours"])),
  );
  const [error, setError] = useState<string | null>(null);
  const shown = (value: string | undefined) => value || "empty";
  const save = () => {
    const mine = Object.fromEntries(
      differing.filter((field) => picked[field.name] === "yours").map((field) => [field.name, yours[field.name] ?? ""]),
    );
    onChoose({ ...theirs, ...mine }).catch((problem: Error) => setError(problem.message));
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="two-versions">
      <DialogTitle id="two-versions">{t("editPiece.changedSomewhereElse")}</DialogTitle>
      <DialogContent>
        {error && <Alert severity="error">{error}</Alert>}
        <p>{t("editPiece.bothVersionsStillHere")}</p>
        {differing.map((field) => (
          <Box key={field.name} sx={{ borderTop: 1, borderColor: "divider", py: 1 }}>
            <Box sx={{ fontWeight: 600 }} id={`clash-${field.name}`}>
              {field.label}
            </Box>
            <RadioGroup
              aria-labelledby={`clash-${field.name}`}
              value={picked[field.name]}
              onChange={(_, value) => setPicked({ ...picked, [field.name]: value })}
            >
              <FormControlLabel
                value="theirs"
                control={<Radio />}
                label={t("editPiece.theirs", { theirs: shown(theirs[field.name]) })}
              />
              <FormControlLabel
                value="yours"
                control={<Radio />}
                label={t("editPiece.yours", { yours: shown(yours[field.name]) })}
              />
            </RadioGroup>
          </Box>
        ))}
        {differing.length === 0 && <p>{t("editPiece.twoVersionsSameEverything")}</p>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t("editPiece.keepTheirs")}</Button>
        <Button variant="contained" onClick={save}>
          {t("editPiece.save2")}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
