// What a piece fits through: every opening of the house, as it stands and with drawers and legs off.
import Box from "@mui/material/Box";
import { Link } from "react-router";
import type { Fit } from "../api/types";
import { Quiet, Row } from "./layout";
import { t } from "../locales/kit";

function Said({ fit }: { fit: Fit["rows"][number]["whole"] }) {
  if (!fit) return null;
  return <Box sx={{ color: fit.fits ? "primary.main" : "error.main" }}>{fit.text}</Box>;
}

export function FitTable({ fit }: { fit: Fit }) {
  if (fit.why) return <Quiet>{t("fitTable.doesFit", { why: fit.why })}</Quiet>;
  if (fit.rows.length === 0) {
    return (
      <Quiet>
        {t("fitTable.measureCarDoorsStairs")} <Link to="/rules">{t("fitTable.houseRules")}</Link>
        {t("fitTable.youllSeeWhetherPieces")}
      </Quiet>
    );
  }
  return (
    <>
      {fit.rows.map((row) => (
        <Box
          key={row.name}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr", sm: "190px 1fr" },
            py: 0.75,
            borderBottom: 1,
            borderColor: "divider",
          }}
        >
          <Box>
            {row.name}
            <Box sx={{ color: "text.secondary", fontSize: 14 }}>{row.kind}</Box>
          </Box>
          <Box>
            <Said fit={row.whole} />
            {!row.whole?.fits && row.bare && (
              <Row gap={0.75} align="stretch">
                <span>{t("fitTable.drawersLegsOff")}</span>
                <Said fit={row.bare} />
              </Row>
            )}
          </Box>
        </Box>
      ))}
      <Box sx={{ color: "text.secondary", fontSize: 14, pt: 0.75 }}>{fit.caution}</Box>
    </>
  );
}
