// The figures that stay in view while one reads on.
import Box from "@mui/material/Box";
import type { Figure, Piece } from "../../api/types";
import { label } from "../../kit/theme";
import { unitOf } from "../../kit/Figures";

const KEYS = ["cash_in", "hours", "cash_profit", "hourly_pay"];

function Key({ figure, currency }: { figure: Figure; currency: string }) {
  return (
    <Box sx={{ minWidth: 0 }} data-key={figure.key}>
      <Box sx={{ ...label, fontSize: 13, color: "text.secondary", whiteSpace: "nowrap" }}>
        {figure.label}
        {figure.text && unitOf(figure, currency) && `, ${unitOf(figure, currency)}`}
      </Box>
      <Box
        sx={{ fontWeight: 600, fontSize: 18, color: (figure.minor ?? 0) < 0 ? "error.main" : "text.primary" }}
        title={figure.why ?? undefined}
      >
        {figure.text ?? (
          <Box component="span" sx={{ fontWeight: 400, fontSize: 15, color: "text.secondary" }}>
            {figure.why}
          </Box>
        )}
      </Box>
    </Box>
  );
}

export function KeyFigures({ piece, currency }: { piece: Piece; currency: string }) {
  const turnaround = piece.turnaround.find((figure) => figure.key === "turnaround");
  const shown = [...KEYS.map((key) => piece.figures.find((figure) => figure.key === key)), turnaround].filter(
    (figure) => figure !== undefined,
  );
  return (
    <Box
      sx={{
        position: { md: "sticky" },
        top: 0,
        zIndex: 5,
        bgcolor: "background.paper",
        borderTop: 2,
        borderBottom: 1,
        borderColor: "text.primary",
        px: 2,
        py: 1,
        mb: 3,
        display: "grid",
        gridTemplateColumns: { xs: "1fr 1fr", sm: "repeat(5, auto)" },
        gap: 1.5,
      }}
    >
      {shown.map((figure) => (
        <Key key={figure.key} figure={figure} currency={currency} />
      ))}
    </Box>
  );
}
