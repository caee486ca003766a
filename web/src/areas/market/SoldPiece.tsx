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

type Row = Market["sold"][number];

export function SoldPiece({ row, currency }: { row: Row; currency: string }) {
  const [asked, setAsked] = useState<"payment" | "refund" | "return" | null>(null);
  const save = useSave();
  const workshop = useWorkshop().data;
  const { piece } = row;
  const path = { params: { path: { id: piece.id } } };
  const facts = [
    row.sold_on && `sold ${row.sold_on.text}`,
    row.price && `${row.price.text} ${currency} received in all`,
    row.paid && `${row.paid.text} of it noted as paid in parts`,
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
              {` · ${row.left.text} ${currency} still owed`}
            </Box>
          )}
        </Quiet>
      </Box>
      <Box className="no-print" sx={{ display: "flex", flexWrap: "wrap" }}>
        <Button size="small" onClick={() => setAsked("payment")} aria-label={`Part payment for ${piece.name}`}>
          Part payment
        </Button>
        <Button size="small" onClick={() => setAsked("refund")} aria-label={`Refund for ${piece.name}`}>
          Refund
        </Button>
        <Button size="small" onClick={() => setAsked("return")} aria-label={`Came back: ${piece.name}`}>
          Came back
        </Button>
      </Box>
      {asked === "payment" && <PaymentDialog piece={piece} currency={currency} onClose={() => setAsked(null)} />}
      {asked === "refund" && workshop && (
        <EventDialog
          pieceId={piece.id}
          kind="refunded"
          submit="Record refund"
          workshop={workshop}
          openSteps={0}
          onClose={() => setAsked(null)}
        />
      )}
      {asked === "return" && (
        <FormDialog
          title={`${piece.name} came back`}
          submit="Take it back"
          fields={[
            {
              name: "fee_back",
              label: "Fee given back to you",
              kind: "text",
              unit: currency,
              half: true,
              help: "what of the sale's fee you get back",
            },
            {
              name: "lost",
              label: "Lost besides",
              kind: "text",
              unit: currency,
              half: true,
              help: "fee and delivery of the sale count by themselves",
            },
            { name: "why", label: "Why it came back", kind: "text" },
          ]}
          onClose={() => setAsked(null)}
          onSubmit={async ({ lost = "", fee_back: feeBack = "", why = "" }) => {
            await save(
              api.POST("/api/pieces/{id}/return", { ...path, body: { lost, fee_back: feeBack, why } }),
              `${piece.name} is yours again, the sale is taken back`,
            );
            setAsked(null);
          }}
        />
      )}
    </Box>
  );
}
