// What the plan of the one piece that is named takes of a material, filled in with a tap.
import Button from "@mui/material/Button";
import { useFormContext, useWatch } from "react-hook-form";
import { usePlan } from "../api/queries";
import type { ShareInput, Values } from "./fields";
import { t } from "../locales/kit";

type Props = { pieces: ShareInput[]; product?: string };

export function PlanTakes({ pieces, product }: Props) {
  const [piece] = pieces;
  if (!piece || pieces.length > 1) return null;
  return <Offer id={piece.piece_id} {...(product ? { product } : {})} />;
}

function Offer({ id, product }: { id: number; product?: string }) {
  const { control, setValue } = useFormContext<Values>();
  const [chosen, amount] = useWatch({ control, name: ["product", "amount"] });
  const plan = usePlan(id).data?.plan;
  const line = plan?.materials.find((one) => one.product === (product ?? chosen));
  if (!line || amount === line.amount) return null;
  return (
    <Button variant="outlined" onClick={() => setValue("amount", line.amount)}>
      {t("planTakes.planCallsMoreUse", { amount: line.amount })}
    </Button>
  );
}
