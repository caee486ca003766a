// The sections' signs: drawn for this house, in one line weight.
import Box from "@mui/material/Box";

const PATHS = {
  // The sun over the bench.
  today: "M3 18h18M6 18v3M18 18v3M12 3v2M5.6 6.1l1.4 1.4M18.4 6.1L17 7.5M7.5 14a4.5 4.5 0 0 1 9 0",
  // A tag on its string.
  scout: "M4 12.5L12.5 4H20v7.5L11.5 20zM16 8h.01M12.5 4C11 2.5 8.5 2.5 7 4.5",
  // A chest of drawers.
  floor: "M4 5h16v13H4zM4 11.5h16M6 18v3M18 18v3M11 8.2h2M11 14.7h2",
  // Tins on a board.
  shelf: "M3 19h18M5 19v-8h6v8M5 13.5h6M14 19v-6h5v6M6 11c0-3 4-3 4 0",
  // A price on a tape.
  market: "M3 9h18v7H3zM7 9v3M11 9v4M15 9v3M19 9v4M9 5l3 3 3-3",
  // Bars that rise.
  books: "M4 20h16M6 20v-5M11 20V9M16 20V4",
  // A square and a rule.
  tools: "M4 4v16h16zM8 12v4h4M4 8h2M4 12h2",
  // Sliders.
  rules: "M4 7h9M17 7h3M4 17h3M11 17h9M15 5v4M9 15v4",
  more: "M5 12h.01M12 12h.01M19 12h.01",
} as const;

export type Sign = keyof typeof PATHS;

export function SectionIcon({ sign, size = 22 }: { sign: Sign; size?: number }) {
  return (
    <Box
      component="svg"
      viewBox="0 0 24 24"
      aria-hidden
      sx={{ width: size, height: size, flexShrink: 0, display: "block" }}
      fill="none"
      stroke="currentColor"
      strokeWidth={sign === "more" ? 3 : 1.7}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <path d={PATHS[sign]} />
    </Box>
  );
}
