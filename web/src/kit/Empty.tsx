// What an empty screen says: what to do first.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

export function Empty({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <Box sx={{ py: 5, maxWidth: 560, display: "grid", gap: 2, justifyItems: "start" }}>
      <Typography variant="h2">{title}</Typography>
      {children}
    </Box>
  );
}
