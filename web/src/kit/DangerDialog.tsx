// What stands before something that can hurt: a caution to read, confirmed here once for the piece, or the lead
// question, answered here. What was wanted goes on by itself once it may.
import Button from "@mui/material/Button";
import Dialog from "./BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useConfirm } from "./session/useTick";
import { useUndo } from "./session/undo";
import { CautionText } from "./CautionText";
import type { Danger } from "./danger";
import { LeadAnswers } from "./LeadAnswers";
import { t } from "../locales/kit";

type Props = { danger: Danger; onClose: () => void; onCleared: () => void };

export default function DangerDialog({ danger, onClose, onCleared }: Props) {
  const { failed } = useUndo();
  const { piece, caution, about, why } = danger;
  const read = useConfirm(piece.id);
  const confirm = async (key: string) => {
    await read(key, () => undefined);
    onCleared();
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="danger-first">
      <DialogTitle id="danger-first">{caution ? t("dangerDialog.readBeforeStart") : t("dangerDialog.yet")}</DialogTitle>
      <DialogContent>
        {caution ? <CautionText caution={caution} /> : <Typography sx={{ mb: 1 }}>{why}</Typography>}
        {about && <CautionText caution={about} />}
        {!caution && (
          <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1, mt: 2 }}>
            <LeadAnswers piece={piece} onAnswered={onCleared} />
          </Stack>
        )}
        <Typography variant="caption" component="p" sx={{ mt: 1.5 }}>
          {t("dangerDialog.alwaysFollowLabelSafety")}
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t("dangerDialog.now")}</Button>
        {caution && (
          <Button variant="contained" onClick={() => void confirm(caution.key).catch(failed)}>
            {t("dangerDialog.iveRead")}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
