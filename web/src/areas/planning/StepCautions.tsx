// Cautions at the step, before it starts: what to wear and where the waste goes. Serious ones are confirmed once per
// piece.
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Plan, Step } from "../../api/types";
import { useConfirm } from "../../kit/session/useTick";
import { useUndo } from "../../kit/session/undo";
import { CautionText } from "../../kit/CautionText";
import { t } from "../../locales/planning";

export function StepCautions({ step, page }: { step: Step; page: Plan }) {
  const { done, failed } = useUndo();
  const read = useConfirm(page.id);
  const confirm = (caution: string) => read(caution, () => done(t("stepCautions.youveReadCautionPiece")));
  if (step.cautions.length === 0) return null;
  return (
    <>
      {step.cautions.map((one) => (
        <Alert
          key={one.key}
          role="note"
          severity={one.serious ? "warning" : "info"}
          variant="outlined"
          sx={{ mb: 1, color: "text.primary" }}
        >
          <CautionText caution={one} />
          {one.serious && !one.confirmed && step.state !== "done" && (
            <Button
              size="small"
              variant="outlined"
              sx={{ mt: 0.5, minHeight: 44 }}
              onClick={() => void confirm(one.key).catch(failed)}
            >
              {t("stepCautions.iveRead")}
            </Button>
          )}
          {one.serious && one.confirmed && <Typography variant="caption">{t("stepCautions.readPiece")}</Typography>}
        </Alert>
      ))}
      <Typography variant="caption" component="p">
        {t("stepCautions.alwaysFollowLabelSafety")}
      </Typography>
    </>
  );
}
