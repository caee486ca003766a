// What a change of the look costs: it stays until somebody closes it.
import Alert from "@mui/material/Alert";

export function ToldChanges({ lines, onClose }: { lines: string[]; onClose: () => void }) {
  if (lines.length === 0) return null;
  return (
    <Alert role="status" severity="info" variant="outlined" onClose={onClose} sx={{ mb: 2, color: "text.primary" }}>
      {lines.join(" ")}
    </Alert>
  );
}
