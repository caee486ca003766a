// What was done since the application was opened, the latest first; each can be undone for as long as nothing rests on
// it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "../kit/BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useUndo } from "../kit/session/undo";
import { PlainList, Quiet, Row } from "../kit/layout";
import { t } from "../locales/app";

export default function UndoList({ onClose }: { onClose: () => void }) {
  const { history, takeBack } = useUndo();
  return (
    <Dialog open onClose={onClose} aria-labelledby="undo-list">
      <DialogTitle id="undo-list">{t("undoList.doneSession")}</DialogTitle>
      <DialogContent>
        {history.length === 0 && <p>{t("undoList.nothingYetWhatRecord")}</p>}
        <PlainList component="ol">
          {[...history].reverse().map((one) => (
            <Row
              component="li"
              key={one.id}
              wrap={false}
              gap={2}
              sx={{ minHeight: 48, borderBottom: 1, borderColor: "divider" }}
            >
              <Box sx={{ color: "text.secondary", minWidth: 48 }}>{one.at}</Box>
              <Box sx={{ flex: 1 }}>{one.message}</Box>
              {one.undo ? (
                <Button onClick={() => void takeBack(one.id)} aria-label={t("undoList.undo", { message: one.message })}>
                  {t("undoList.undo2")}
                </Button>
              ) : (
                <Quiet>{t("undoList.cantUndone")}</Quiet>
              )}
            </Row>
          ))}
        </PlainList>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t("undoList.close")}</Button>
      </DialogActions>
    </Dialog>
  );
}
