// What the parts of "What if" say alike: money or "not known", what is assumed, the row of choices.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

export const money = (value: { text: string } | null | undefined, currency: string) =>
  value ? `${value.text} ${currency}` : "not known";
export const Assumed = ({ lines }: { lines: string[] }) => (
  <Typography variant="caption" component="p" sx={{ color: "text.secondary", mt: 1 }}>
    {`Assumed: ${lines.join(" ")}`}
  </Typography>
);
export const Inputs = ({ children }: { children: ReactNode }) => (
  <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2, mb: 1.5 }}>{children}</Box>
);
