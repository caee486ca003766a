// Says when a new version of the application is ready; it is taken when somebody says so, never under their hands.
import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import { useRegisterSW } from "virtual:pwa-register/react";
import { t } from "../locales/app";

export default function NewVersion() {
  const {
    needRefresh: [ready, setReady],
    updateServiceWorker,
  } = useRegisterSW();
  return (
    <Snackbar
      open={ready}
      message={t("newVersion.newVersionReady")}
      sx={{ mb: { xs: 8, md: 0 } }}
      action={
        <>
          <Button color="inherit" size="small" onClick={() => void updateServiceWorker(true)}>
            {t("newVersion.updateNow")}
          </Button>
          <Button color="inherit" size="small" onClick={() => setReady(false)}>
            {t("newVersion.later")}
          </Button>
        </>
      }
    />
  );
}
