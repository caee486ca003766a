// Whether a flip that ended was worth it, and what made the difference.
import Box from "@mui/material/Box";
import type { Piece } from "../../api/types";
import { Part } from "../../kit/Part";
import { t } from "../../locales/flips";

const TONE = { worth: "primary.main", less: "warning.main", not: "error.main", unknown: "divider" } as const;

export function WorthPart({ worth }: { worth: Piece["worth"] }) {
  if (!worth) return null;
  return (
    <Part title={t("worthPart.worth")}>
      <Box sx={{ borderLeft: 4, borderColor: TONE[worth.verdict], pl: 1.5 }}>
        <Box sx={{ fontSize: 18, fontWeight: 600 }}>{worth.text}</Box>
        {worth.why.map((reason) => (
          <Box key={reason}>{reason}</Box>
        ))}
      </Box>
    </Part>
  );
}
