// Taking from the shelf for one piece or several: an amount, or a part of the container; asked again where more is
// taken than is left.
import Button from "@mui/material/Button";
import { useState } from "react";
import { api, ProblemError, undoOf } from "../api/client";
import { useShelf, useWorkshop } from "../api/queries";
import { useUndo } from "./session/undo";
import { useTell } from "./session/useTell";
import { type Named, startWith, type ShareInput, type Values } from "./fields";
import { FormDialog } from "./FormDialog";
import { PlanTakes } from "./PlanTakes";
import { t } from "../locales/kit";

type Props = { product?: string; container?: number; piece?: Named | null; amount?: string; onClose: () => void };
type Tried = { values: Values; pieces: ShareInput[] };

export default function DrawDialog({ product, container, piece = null, amount = "", onClose }: Props) {
  const shelf = useShelf(false);
  const measures = useWorkshop().data?.measures;
  const { done, failed } = useUndo();
  const tell = useTell();
  const [short, setShort] = useState<Tried | null>(null);
  if (!shelf.data) return null;
  const options = shelf.data.rows.map((row) => ({
    key: row.product,
    label: t("drawDialog.left", { value: row.label, left: row.left }),
  }));
  const send = async ({ values, pieces }: Tried, more: boolean) => {
    const body = {
      product: product ?? values.product ?? "",
      pieces,
      ...(values.amount ? { amount: values.amount } : {}),
      ...(values.share && !values.amount ? { share: values.share } : {}),
      ...(container ? { container_id: container } : {}),
      ...(more ? { more } : {}),
    };
    const name = shelf.data?.rows.find((row) => row.product === body.product)?.label ?? body.product;
    await tell(
      { what: t("drawDialog.of", { amount: values.amount || values.share, name }) },
      (how) => api.POST("/api/draws", { body, ...how }),
      (cost) => done(t("drawDialog.used", { what: cost.what, amount: cost.amount?.text }), undoOf(cost)),
    );
    onClose();
  };
  return (
    <FormDialog
      title={t("drawDialog.useShelf")}
      submit={t("drawDialog.use")}
      initial={{ product: product ?? options[0]?.key ?? "", amount }}
      initialPieces={startWith(piece)}
      fields={[
        { name: "product", label: t("drawDialog.whichOne"), kind: "select", options, hidden: product !== undefined },
        {
          name: "amount",
          label: t("drawDialog.howMuch"),
          kind: "text",
          half: true,
          help: `${measures?.volume}; ${measures?.mass}; 6`,
        },
        { name: "share", label: t("drawDialog.shareLikeHalf1"), kind: "text", half: true, help: "1/3, 25%" },
        { name: "pieces", label: t("drawDialog.pieces"), kind: "pieces" },
      ]}
      extra={(pieces) => (
        <>
          <PlanTakes pieces={pieces} {...(product ? { product } : {})} />
          {short && (
            <Button variant="outlined" onClick={() => void send(short, true).catch(failed)}>
              {t("drawDialog.thereMoreUseAnyway")}
            </Button>
          )}
        </>
      )}
      onClose={onClose}
      onSubmit={async (values, pieces) => {
        try {
          await send({ values, pieces }, false);
        } catch (error) {
          setShort(error instanceof ProblemError && error.is("too_little_left") ? { values, pieces } : null);
          throw error;
        }
      }}
    />
  );
}
