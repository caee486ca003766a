// Steps that took well past their estimates and are not ticked: are they done?
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import { Link } from "react-router";
import { api } from "../../api/client";
import type { Today } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/bench";

export function PastPart({ past }: { past: Today["past"] }) {
  const save = useSave();
  const { failed } = useUndo();
  const finish = async ({ piece, step, label }: Today["past"][number]) => {
    const path = { params: { path: { id: piece.id } } };
    await save(api.POST("/api/pieces/{id}/steps/done", { ...path, body: { step } }), t("pastPart.done", { label }));
  };
  return past.map((one) => (
    <Alert
      key={`${one.piece.id} ${one.step}`}
      severity="info"
      variant="outlined"
      sx={{ mb: 1, color: "text.primary" }}
      action={
        <Button
          onClick={() => void finish(one).catch(failed)}
          aria-label={t("pastPart.markDone", { value: one.label })}
        >
          {t("pastPart.markDone2")}
        </Button>
      }
    >
      <Link to={`/pieces/${one.piece.id}/plan`}>{one.piece.name}</Link>
      {t("pastPart.hasTakenSoFar", { value: one.label, worked: one.worked?.text, planned: one.planned?.text })}
    </Alert>
  ));
}
