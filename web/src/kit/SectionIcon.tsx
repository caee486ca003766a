// The sections' signs: drawn for this house, in one line weight.
import Box from "@mui/material/Box";
import { t } from "../locales/kit";

const PATHS = {
  // The sun over the bench.
  today: "M3 18h18M6 18v3M18 18v3M12 3v2M5.6 6.1l1.4 1.4M18.4 6.1L17 7.5M7.5 14a4.5 4.5 0 0 1 9 0",
  // A tag on its string.
  scout: t("sectionIcon.m4125l125"),
  // A chest of drawers.
  floor: t("sectionIcon.m45h16v13h4zm4115h16m6"),
  // Tins on a board.
  shelf: "M3 19h18M5 19v-8h6v8M5 13.5h6M14 19v-6h5v6M6 11c0-3 4-3 4 0",
  // A price on a tape.
  market: t("sectionIcon.m39h18v7h3zm79v3m119v4m15"),
  // Bars that rise.
  books: "M4 20h16M6 20v-5M11 20V9M16 20V4",
  // A square and a rule.
  tools: t("sectionIcon.m44v16h16zm812v4h4m48h2m4"),
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
