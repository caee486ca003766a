// A piece that was sold lately: what is still owed of it, and what to do when it comes back.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import type { Market } from "../../api/types";
import { EventDialog } from "../../kit/EventDialog";
import { FormDialog } from "../../kit/FormDialog";
import { PaymentDialog } from "./PaymentDialog";
import { Quiet } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/market";

type Row = Market["sold"][number];

export function SoldPiece({ row, currency }: { row: Row; currency: string }) {
  const [asked, setAsked] = useState<"payment" | "refund" | "return" | null>(null);
  const save = useSave();
  const workshop = useWorkshop().data;
  const { piece } = row;
  const path = { params: { path: { id: piece.id } } };
  const facts = [
    row.sold_on && t("soldPiece.sold", { soldon: row.sold_on.text }),
    row.price && t("soldPiece.receivedAll", { price: row.price.text, currency }),
    row.paid && t("soldPiece.recordedDeposits", { paid: row.paid.text }),
  ];
  return (
    <Box
      component="li"
      data-sold={piece.id}
      sx={{
        display: "flex",
        flexWrap: "wrap",
        columnGap: 2,
        alignItems: "center",
        borderBottom: 1,
        borderColor: "divider",
      }}
    >
      <Box sx={{ flex: "1 1 260px", minWidth: 0, py: 0.75 }}>
        <Link to={`/pieces/${piece.id}`} style={{ fontWeight: 600 }}>
          {piece.name}
        </Link>
        <Quiet>
          {facts.filter(Boolean).join(" · ")}
          {row.left && row.left.minor > 0 && (
            <Box component="span" sx={{ color: "warning.main" }}>
              {t("soldPiece.stillOwed", { left: row.left.text, currency })}
            </Box>
          )}
        </Quiet>
      </Box>
      <Box className="no-print" sx={{ display: "flex", flexWrap: "wrap" }}>
        <Button
          size="small"
          onClick={() => setAsked("payment")}
          aria-label={t("soldPiece.addDeposit", { piece: piece.name })}
        >
          {t("soldPiece.addDeposit2")}
        </Button>
        <Button
          size="small"
          onClick={() => setAsked("refund")}
          aria-label={t("soldPiece.recordRefund", { piece: piece.name })}
        >
          {t("soldPiece.recordRefund2")}
        </Button>
        <Button
          size="small"
          onClick={() => setAsked("return")}
          aria-label={t("soldPiece.recordReturn", { piece: piece.name })}
        >
          {t("soldPiece.recordReturn2")}
        </Button>
      </Box>
      {asked === "payment" && <PaymentDialog piece={piece} currency={currency} onClose={() => setAsked(null)} />}
      {asked === "refund" && workshop && (
        <EventDialog
          pieceId={piece.id}
          kind="refunded"
          submit={t("soldPiece.recordRefund3")}
          workshop={workshop}
          openSteps={0}
          onClose={() => setAsked(null)}
        />
      )}
      {asked === "return" && (
        <FormDialog
          title={t("soldPiece.recordReturn3", { piece: piece.name })}
          submit={t("soldPiece.recordReturn4")}
          fields={[
            {
              name: "fee_back",
              label: t("soldPiece.feeGotBack"),
              kind: "text",
              unit: currency,
              half: true,
              help: t("soldPiece.howMuchSellingFee"),
            },
            {
              name: "lost",
              label: t("soldPiece.otherLosses"),
              kind: "text",
              unit: currency,
              half: true,
              help: t("soldPiece.salesFeeDeliveryCounted"),
            },
            { name: "why", label: t("soldPiece.reasonReturn"), kind: "text" },
          ]}
          onClose={() => setAsked(null)}
          onSubmit={async ({ lost = "", fee_back: feeBack = "", why = "" }) => {
            await save(
              api.POST("/api/pieces/{id}/return", { ...path, body: { lost, fee_back: feeBack, why } }),
              t("soldPiece.yoursAgainSaleUndone", { piece: piece.name }),
            );
            setAsked(null);
          }}
        />
      )}
    </Box>
  );
}
