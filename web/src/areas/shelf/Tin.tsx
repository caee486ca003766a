// A tin, bottle or pack as such: how full it stands, in the colour that is in it; a tap says what is left.
import Box from "@mui/material/Box";
import type { Container } from "../../api/types";

const W = 54;
const H = 62;

// Liquids stand in tins, the rest in boxes.
const liquid = (size: string) => /\b(ml|L|fl oz|pt|qt|gal)\b/.test(size);

export function Tin({ container }: { container: Container }) {
  const tin = liquid(container.size);
  const [top, bottom] = [tin ? 12 : 6, H - 3];
  const level = bottom - ((bottom - top) * container.percent) / 100;
  const colour = container.swatch ?? "var(--k-palette-primary-main)";
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${W} ${H}`}
      width={W}
      height={H}
      role="img"
      aria-label={`${container.percent}% full`}
      sx={{ display: "block" }}
    >
      {tin && <path d={`M12 10C16 0 38 0 42 10`} fill="none" stroke="var(--k-palette-text-secondary)" />}
      <rect x={5} y={top} width={W - 10} height={bottom - top} fill="var(--k-palette-background-paper)" />
      <rect x={5} y={level} width={W - 10} height={bottom - level} fill={colour} opacity={container.swatch ? 1 : 0.6} />
      <rect
        x={5}
        y={top}
        width={W - 10}
        height={bottom - top}
        rx={tin ? 0 : 2}
        fill="none"
        stroke="var(--k-palette-text-primary)"
        strokeWidth={1.4}
      />
      {tin && (
        <rect
          x={3}
          y={top - 2}
          width={W - 6}
          height={5}
          fill="var(--k-palette-background-default)"
          stroke="var(--k-palette-text-primary)"
          strokeWidth={1.2}
        />
      )}
      {[25, 50, 75].map((quarter) => (
        <path
          key={quarter}
          d={`M${W - 12} ${bottom - ((bottom - top) * quarter) / 100}h6`}
          stroke="var(--k-palette-text-primary)"
          strokeWidth={0.8}
        />
      ))}
    </Box>
  );
}
