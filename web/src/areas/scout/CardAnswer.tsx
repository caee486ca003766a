// Where the device is offline: what the card says for this kind and condition, at once; the full answer comes
// when it is back.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { useScoutCard } from "../../api/queries";
import { t } from "../../locales/scout";

type Props = { kind: string; condition: string; currency: string };

export function CardAnswer({ kind, condition, currency }: Props) {
  const card = useScoutCard().data;
  const word = kind.trim().toLowerCase();
  const row = card?.rows.find((one) => one.words.includes(word));
  const cell = row?.cells.find((one) => one.condition === condition);
  const most = cell?.most;
  const large = !most ? null : most.minor < 0 ? "no" : t("cardAnswer.up", { most: most.text });
  return (
    <Box
      component="section"
      aria-label={t("cardAnswer.answerCard")}
      sx={{ borderTop: 3, borderColor: "warning.main", bgcolor: "background.paper", px: 2, py: 1.5, mb: 3 }}
    >
      {large && (
        <Box sx={{ fontSize: { xs: 46, md: 34 }, fontWeight: 600, lineHeight: 1.05, color: "primary.main" }}>
          {large}
        </Box>
      )}
      <Typography role="status">
        {large
          ? t("cardAnswer.priceLimitsOfflineFull", { date: card?.date?.text, currency })
          : t("cardAnswer.offlinePriceLimitsDevice", {
              kind: kind.trim(),
              more: cell?.why ? `: ${cell.why}` : "",
            })}{" "}
        <Link to="/scout/card">{t("cardAnswer.priceLimits")}</Link>
      </Typography>
    </Box>
  );
}
