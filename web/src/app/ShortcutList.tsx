import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "../kit/BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { Link } from "react-router";
import { SHORTCUTS } from "../kit/session/shortcuts";
import { t } from "../locales/app";

export default function ShortcutList({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} maxWidth="xs" aria-labelledby="keys">
      <DialogTitle id="keys">{t("shortcutList.keyboardShortcuts")}</DialogTitle>
      <DialogContent>
        <Box
          component="dl"
          sx={{ m: 0, display: "grid", gridTemplateColumns: "auto 1fr", gap: 1.25, alignItems: "baseline" }}
        >
          {SHORTCUTS.map(([key, what]) => (
            <Box key={key} sx={{ display: "contents" }}>
              <Box
                component="dt"
                sx={{ fontWeight: 600, borderBottom: 2, borderColor: "primary.main", justifySelf: "start", px: 0.5 }}
              >
                {key}
              </Box>
              <Box component="dd" sx={{ m: 0 }}>
                {what}
              </Box>
            </Box>
          ))}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button component={Link} to="/how" onClick={onClose}>
          {t("shortcutList.howWorks")}
        </Button>
        <Button onClick={onClose}>{t("shortcutList.close")}</Button>
      </DialogActions>
    </Dialog>
  );
}
