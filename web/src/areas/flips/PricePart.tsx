// The prices that cover cost and pay, with the sums behind each figure.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { useWorkshop } from "../../api/queries";
import type { Piece } from "../../api/types";
import { Figures } from "../../kit/Figures";
import { Fold } from "../../kit/Fold";
import { t } from "../../locales/flips";

export function PricePart({ piece, onEstimate }: { piece: Piece; onEstimate: () => void }) {
  const workshop = useWorkshop().data;
  const unset = workshop && !(workshop.floor_pay && workshop.target_pay);
  const { hours_to_come: hours, cost_to_come: cost } = piece.fields;
  const toCome = [hours && t("pricePart.work", { hours }), cost && `${cost}`].filter(Boolean).join(t("pricePart.and"));
  const needs = piece.prices
    .filter((figure) => figure.text)
    .map((figure) => `${figure.label.toLowerCase()} ${figure.text}`)
    .join(" · ");
  return (
    <Fold
      title={t("pricePart.whatNeed")}
      summary={needs}
      action={<Button onClick={onEstimate}>{t("pricePart.enterWhatsLeft")}</Button>}
    >
      <Box sx={{ mt: 2 }}>
        <Figures figures={piece.prices} />
      </Box>
      <Typography variant="caption" component="p" sx={{ color: "text.secondary", mt: 1.5, mb: 0 }}>
        {t("pricePart.costsFinishFixedFee", {
          more: toCome ? t("pricePart.stillCome", { toCome }) : t("pricePart.nothingLeftSpendDo"),
        })}
        {unset && (
          <>
            {" "}
            <Link to="/rules">{t("pricePart.setPayHouseRules")}</Link> {t("pricePart.seeLowestTargetPrice")}
          </>
        )}
      </Typography>
    </Fold>
  );
}
