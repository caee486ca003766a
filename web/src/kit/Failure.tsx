// A screen that could not be filled says why, and offers to try again.
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { isUnreachable } from "../api/client";
import { Empty } from "./Empty";
import { t } from "../locales/kit";

export function Failure({ error, again }: { error: Error; again: () => void }) {
  const client = useQueryClient();
  // What else the screen asked for was likely refused as well.
  const all = () => {
    again();
    void client.invalidateQueries();
  };
  const away = isUnreachable(error);
  return (
    <Empty title={away ? t("failure.availableOffline") : t("failure.pageDidntOpen")}>
      <Typography role="alert">{away ? t("failure.pageSavedDeviceYet") : error.message}</Typography>
      <Button variant="outlined" onClick={all}>
        {t("failure.tryAgain")}
      </Button>
    </Empty>
  );
}
