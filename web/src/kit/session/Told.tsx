// What was just done, at the foot of the screen for a while, with the way back.
import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";

type Props = { message: string; onUndo?: () => void; onClose: () => void };

export default function Told({ message, onUndo, onClose }: Props) {
  return (
    <Snackbar
      open
      autoHideDuration={9000}
      onClose={(_, reason) => reason !== "clickaway" && onClose()}
      message={message}
      sx={{ mb: { xs: 8, md: 0 } }}
      action={
        onUndo && (
          <Button color="inherit" size="small" onClick={onUndo}>
            Undo
          </Button>
        )
      }
    />
  );
}
