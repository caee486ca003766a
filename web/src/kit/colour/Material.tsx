// A material by its name, with the patch of its colour where it has one.
import Box from "@mui/material/Box";
import { Swatch } from "../Swatch";

export function Material({ label, swatch }: { label: string; swatch: string | null }) {
  if (!swatch) return label;
  return (
    <Box component="span" sx={{ display: "inline-flex", gap: 1, alignItems: "center" }}>
      <Swatch colour={swatch} size={16} />
      {label}
    </Box>
  );
}
