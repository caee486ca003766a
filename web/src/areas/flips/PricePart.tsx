// The prices that cover cost and pay, with the sums behind each figure.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { useWorkshop } from "../../api/queries";
import type { Piece } from "../../api/types";
import { Figures } from "../../kit/Figures";
import { Fold } from "../../kit/Fold";

export function PricePart({ piece, currency, onEstimate }: { piece: Piece; currency: string; onEstimate: () => void }) {
  const workshop = useWorkshop().data;
  const unset = workshop && !(workshop.floor_pay && workshop.target_pay);
  const { hours_to_come: hours, cost_to_come: cost } = piece.fields;
  const toCome = [hours && `${hours} of work`, cost && `${cost} ${currency}`].filter(Boolean).join(" and ");
  const needs = piece.prices
    .filter((figure) => figure.text)
    .map((figure) => `${figure.label.toLowerCase()} ${figure.text}`)
    .join(" · ");
  return (
    <Fold
      title="What it needs"
      summary={needs}
      action={<Button onClick={onEstimate}>Set what is still to come</Button>}
    >
      <Box sx={{ mt: 2 }}>
        <Figures figures={piece.prices} currency={currency} />
      </Box>
      <Typography variant="caption" component="p" sx={{ color: "text.secondary", mt: 1.5, mb: 0 }}>
        (costs to finish + fixed fee + hours × pay) ÷ (1 − fee rate), rounded up.{" "}
        {toCome ? `Still to come: ${toCome}.` : "Nothing is still to come, so far as recorded."}
        {unset && (
          <>
            {" "}
            <Link to="/rules">Set pay targets in House rules</Link> for floor and target.
          </>
        )}
      </Typography>
    </Fold>
  );
}
