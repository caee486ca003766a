// A colour as a patch; hatched where none is known.
import Box from "@mui/material/Box";

export function Swatch({ colour, size = 32 }: { colour: string | null; size?: number }) {
  return (
    <Box
      aria-hidden
      sx={{
        width: size,
        height: size,
        flex: "none",
        borderRadius: size < 24 ? "50%" : 0, // a small square would read as a box to tick
        border: 1,
        borderColor: "text.secondary",
        background: colour ?? "repeating-linear-gradient(45deg, transparent 0 5px, rgba(128,128,128,.5) 5px 6px)",
      }}
    />
  );
}
