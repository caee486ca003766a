// What was spent on a piece beyond its price; shared costs say of what.
import Box from "@mui/material/Box";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import type { Cost, Piece, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Entries, Entry } from "../../kit/Entry";
import { Fold } from "../../kit/Fold";
import { CostDialog } from "./CostDialog";
import Button from "@mui/material/Button";
import { useUpload } from "../../kit/photos/useUpload";
import { FileButton } from "../../kit/FileButton";
import { Quiet } from "../../kit/layout";
import { t } from "../../locales/flips";

export function CostsPart({ piece, workshop }: { piece: Piece; workshop: Workshop }) {
  const [dialog, setDialog] = useState<Cost | null>(null);
  const { remove } = useUndo();
  const named = { id: piece.id, name: piece.fields.name ?? "" };
  const lacking = piece.costs.filter((cost) => !cost.trip_id && cost.receipts.length === 0).length;
  const spent = piece.figures.find((figure) => figure.key === "cash_in")?.text;
  const summary = [
    piece.costs.length === 0 ? t("costsPart.nothingBesidesPricePaid") : lines(piece.costs.length),
    spent && t("costsPart.spentSoFar", { spent }),
    lacking > 0 && t("costsPart.withoutReceipt", { lacking }),
  ]
    .filter(Boolean)
    .join(" · ");
  return (
    <Fold title={t("costsPart.costs")} summary={summary}>
      {piece.costs.length === 0 && <Quiet>{t("costsPart.costsBesidesPricePaid")}</Quiet>}
      <Entries>
        {piece.costs.map((cost) => (
          <Entry
            key={cost.id}
            day={cost.spent_on?.text ?? t("costsPart.date")}
            name={cost.what}
            amount={`${cost.shares.find((one) => one.piece_id === piece.id)?.amount?.text}`}
            onCorrect={cost.trip_id ? undefined : () => setDialog(cost)}
            onRemove={
              cost.trip_id
                ? undefined
                : () => remove(api.DELETE("/api/costs/{id}", { params: { path: { id: cost.id } } }))
            }
            extra={!cost.trip_id && <ReceiptButton cost={cost} />}
          >
            {cost.what}
            <Quiet component="span">
              {cost.trip_id ? (
                <>
                  , <Link to="/scout/trips">{t("costsPart.trip")}</Link>
                </>
              ) : (
                `, ${cost.category}`
              )}
              {cost.shares.length > 1 &&
                t("costsPart.sharedOverPieces", { amount: cost.amount?.text, count: cost.shares.length })}
            </Quiet>
          </Entry>
        ))}
      </Entries>
      {dialog && <CostDialog cost={dialog} piece={named} workshop={workshop} onClose={() => setDialog(null)} />}
    </Fold>
  );
}

const lines = (count: number) => t("costsPart.lines", { count });

// A cost's receipt: photographed onto it, and shown.
function ReceiptButton({ cost }: { cost: Cost }) {
  const { send, progress, refused } = useUpload({ cost_id: cost.id });
  return (
    <>
      {cost.receipts.map((small, place) => (
        <Button
          key={small}
          size="small"
          component="a"
          href={small.replace("-small", "")}
          target="_blank"
          rel="noreferrer"
          aria-label={t("costsPart.receipt", { place: place + 1, what: cost.what })}
        >
          {t("costsPart.receipt2")}
        </Button>
      ))}
      {cost.receipts.length === 0 && (
        <FileButton
          size="small"

          disabled={progress !== null}
          aria-label={t("costsPart.addReceipt", { what: cost.what })}
          accept="image/*"
          files={t("costsPart.receiptFile", { what: cost.what })}
          onFiles={(files) => void send(files, "receipt")}
        >
          {t("costsPart.addReceipt2")}
        </FileButton>
      )}
      {refused.length > 0 && (
        <Box role="alert" sx={{ color: "error.main" }}>
          {refused.join(" ")}
        </Box>
      )}
    </>
  );
}
