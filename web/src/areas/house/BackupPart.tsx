// Copies of the workshop: the latest one beside the data, and one to keep elsewhere.
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Workshop } from "../../api/types";
import { Part } from "../../kit/Part";

export function BackupPart({ backup, demo }: { backup: Workshop["backup"]; demo: boolean }) {
  const action = (
    <Button component="a" href="/api/archive.zip" download variant="outlined">
      Download a backup
    </Button>
  );
  return (
    <Part title="Backups" action={action}>
      {backup.stale && !demo && (
        <Alert severity="warning" role="note" variant="outlined" sx={{ mb: 1, color: "text.primary" }}>
          {backup.latest ? `The latest copy is of ${backup.latest.text}.` : "There is no copy yet."} One is written each
          day that the server runs.
        </Alert>
      )}
      <Typography>
        {demo
          ? "The demo keeps no copies of itself."
          : `${backup.latest ? `Latest copy beside the data: ${backup.latest.text}. ` : ""}Kept are those of the last seven days and the first of each of the last twelve months.`}
      </Typography>
      <Typography variant="body2" sx={{ color: "text.secondary" }}>
        A disk that fails takes copies beside the data with it: download one now and then to another device.
        bin/kohlrabi restore brings one back.
      </Typography>
    </Part>
  );
}
