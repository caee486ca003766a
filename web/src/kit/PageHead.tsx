// The head of a screen: its name, one line that answers, and what can be done.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { type ReactNode, useEffect } from "react";

export function PageHead({ title, line, children }: { title: string; line?: ReactNode; children?: ReactNode }) {
  useEffect(() => {
    document.title = `${title} · Kohlrabi`;
  }, [title]);
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2, alignItems: "flex-start", mb: 2 }}>
      <Box sx={{ flex: "1 1 320px" }}>
        <Typography variant="h1">{title}</Typography>
        {line && (
          <Typography component="div" sx={{ color: "text.secondary" }}>
            {line}
          </Typography>
        )}
      </Box>
      <Box className="no-print" sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        {children}
      </Box>
    </Box>
  );
}
