// Cautions in plain words, where the work can hurt somebody; labels, local codes and licensed trades decide.
import Alert from "@mui/material/Alert";

export function Cautions({ texts }: { texts: string[] }) {
  return texts.map((text) => (
    <Alert key={text} role="note" severity="warning" variant="outlined" sx={{ mb: 1, color: "text.primary" }}>
      {text}
    </Alert>
  ));
}
