// The form for the passcode; loaded where one is asked for.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { type FormEvent, useState } from "react";
import { api, ask } from "../api/client";
import { t } from "../locales/app";

export default function Passcode({ onEntered }: { onEntered: () => Promise<void> }) {
  const [passcode, setPasscode] = useState("");
  const [error, setError] = useState<string | null>(null);
  const enter = async (event: FormEvent) => {
    event.preventDefault();
    try {
      await ask(api.POST("/api/session", { body: { passcode } }));
      await onEntered();
    } catch (problem) {
      setError((problem as Error).message);
    }
  };
  return (
    <Box component="main" sx={{ maxWidth: 380, mx: "auto", pt: "18vh", px: 2 }}>
      <Box component="form" onSubmit={(event: FormEvent) => void enter(event)} sx={{ display: "grid", gap: 2 }}>
        <Typography variant="h1" sx={{ color: "secondary.main" }}>
          {t("passcode.kohlrabi")}
        </Typography>
        <span>{t("passcode.workshopAnotherComputerEnter")}</span>
        <TextField
          label={t("passcode.passcode")}
          type="password"
          autoComplete="current-password"
          value={passcode}
          error={!!error}
          helperText={error}
          onChange={(event) => setPasscode(event.target.value)}
        />
        <Button type="submit" variant="contained" size="large" disabled={passcode === ""}>
          {t("passcode.openWorkshop")}
        </Button>
        {window.location.protocol === "http:" && (
          <Typography variant="caption" sx={{ color: "text.secondary" }}>
            {t("passcode.connectionEncryptedAnyoneSame")}
          </Typography>
        )}
      </Box>
    </Box>
  );
}
