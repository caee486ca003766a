// The answer: the verdict in words, the price tape it is read off, and the figures behind it.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { Prospect } from "../../api/types";
import { Figures } from "../../kit/Figures";
import { PriceTape } from "../../kit/PriceTape";
import { t } from "../../locales/scout";

const TONE: Record<Prospect["verdict"]["key"], string> = {
  buy: "primary.main",
  less: "warning.main",
  leave: "error.main",
  never: "error.main",
  unknown: "text.secondary",
};

const LACKS = {
  resale: t("verdict.enterBelowWhatLikely"),
  hours: t("verdict.enterBelowHowMany"),
  materials: t("verdict.enterBelowWhatPaint"),
};

export function Verdict({ answer, currency }: { answer: Prospect; currency: string }) {
  const { verdict } = answer;
  return (
    <Box
      component="section"
      aria-label={t("verdict.answer")}
      sx={{ borderTop: 3, borderColor: TONE[verdict.key], bgcolor: "background.paper", px: 2, py: 1.5, mb: 3 }}
    >
      {verdict.short && (
        <Box
          sx={{ fontSize: { xs: 46, md: 34 }, fontWeight: 600, lineHeight: 1.05, color: TONE[verdict.key], mb: 0.5 }}
        >
          {verdict.short}
        </Box>
      )}
      <Typography role="status" sx={{ fontSize: 19, fontWeight: 600, lineHeight: 1.3 }}>
        {verdict.text}
      </Typography>
      {verdict.doubt && <Box sx={{ mt: 0.5 }}>{verdict.doubt}</Box>}
      {verdict.missing === "pay" ? (
        <Link to="/rules">{t("verdict.setTargetPayHouse")}</Link>
      ) : (
        verdict.missing && <Box sx={{ mt: 0.5 }}>{LACKS[verdict.missing]}</Box>
      )}
      {verdict.changes.length > 0 && <Box sx={{ color: "text.secondary", mt: 0.5 }}>{verdict.changes.join(" ")}</Box>}
      <Box sx={{ my: 1.5 }}>
        <PriceTape tape={answer.tape} currency={currency} />
      </Box>
      <Figures figures={answer.figures} />
      {answer.single && (
        <Box sx={{ mt: 1.5, pl: 1.5, borderLeft: 3, borderColor: "warning.main" }}>{answer.single}</Box>
      )}
    </Box>
  );
}
