// The few ways in which things are laid out: things beside each other, a list without bullets, and what is said beside
// the point.
import Box, { type BoxProps } from "@mui/material/Box";

type Tag = { component?: React.ElementType };
type RowProps = BoxProps & Tag & { gap?: number; wrap?: boolean; align?: React.CSSProperties["alignItems"] };

// Things beside each other, on the next line where there is no room, unless wrap is false.
export function Row({ gap = 1, wrap = true, align = "center", sx, ...props }: RowProps) {
  const laid = { display: "flex", gap, alignItems: align, ...(wrap ? { flexWrap: "wrap" } : {}) };
  return <Box sx={[laid, ...(Array.isArray(sx) ? sx : [sx])]} {...props} />;
}

// A list without bullets.
export function PlainList({ sx, ...props }: BoxProps & Tag) {
  return <Box component="ul" sx={[{ listStyle: "none", m: 0, p: 0 }, ...(Array.isArray(sx) ? sx : [sx])]} {...props} />;
}

// What is said beside the point.
export const Quiet = (props: BoxProps & Tag) => <Box sx={{ color: "text.secondary" }} {...props} />;
