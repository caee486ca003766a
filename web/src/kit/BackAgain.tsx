// Says that a form begins with what was typed into it before.
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import { t } from "../locales/kit";

export const BackAgain = ({ onAnew }: { onAnew: () => void }) => (
  <Alert
    severity="info"
    variant="outlined"
    sx={{ gridColumn: "1 / -1", mb: 2, color: "text.primary" }}
    action={
      <Button color="inherit" onClick={onAnew}>
        {t("backAgain.startOver")}
      </Button>
    }
  >
    {t("backAgain.heresWhatTypedLast")}
  </Alert>
);
