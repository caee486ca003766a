// What was just done, at the foot of the screen for a while, with the way back.
import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import { t } from "../../locales/kit";

type Props = { message: string; onUndo?: () => void; onClose: () => void };

const head = { top: 8, bottom: "auto !important" } as const;

export default function Told({ message, onUndo, onClose }: Props) {
  return (
    <Snackbar
      open
      autoHideDuration={9000}
      onClose={(_, reason) => reason !== "clickaway" && onClose()}
      message={message}
      // Where what one reaches for stands at the foot, it is said at the head.
      sx={{ "@media (max-width: 899px)": head, "body:has([data-bench]) &": head }}
      action={
        onUndo && (
          <Button color="inherit" size="small" onClick={onUndo}>
            {t("told.undo")}
          </Button>
        )
      }
    />
  );
}
