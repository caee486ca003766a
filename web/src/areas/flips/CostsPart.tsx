// What was spent on a piece beyond its price; shared costs say of what.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { lazy, Suspense, useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import type { Cost, Piece, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Entries, Entry } from "../../kit/Entry";
import { Part } from "../../kit/Part";
import { CostDialog } from "./CostDialog";
import { ReceiptButton } from "./ReceiptButton";

const DrawDialog = lazy(() => import("../../kit/DrawDialog"));

export function CostsPart({ piece, workshop }: { piece: Piece; workshop: Workshop }) {
  const [dialog, setDialog] = useState<"new" | Cost | null>(null);
  const [taking, setTaking] = useState(false);
  const { remove } = useUndo();
  const named = { id: piece.id, name: piece.fields.name ?? "" };
  return (
    <Part
      title="Costs"
      action={
        <>
          <Button onClick={() => setTaking(true)}>Take from the shelf</Button>
          <Button onClick={() => setDialog("new")}>Record cost</Button>
        </>
      }
    >
      {piece.costs.length === 0 && <Box sx={{ color: "text.secondary" }}>Nothing spent beyond the price paid.</Box>}
      <Entries>
        {piece.costs.map((cost) => (
          <Entry
            key={cost.id}
            day={cost.spent_on?.text ?? "no date"}
            name={cost.what}
            amount={`${cost.shares.find((one) => one.piece_id === piece.id)?.amount?.text} ${workshop.currency}`}
            onCorrect={cost.trip_id ? undefined : () => setDialog(cost)}
            onRemove={
              cost.trip_id
                ? undefined
                : () => remove(api.DELETE("/api/costs/{id}", { params: { path: { id: cost.id } } }))
            }
            extra={!cost.trip_id && <ReceiptButton cost={cost} />}
          >
            {cost.what}
            <Box component="span" sx={{ color: "text.secondary" }}>
              {cost.trip_id ? (
                <>
                  , <Link to="/scout/trips">trip</Link>
                </>
              ) : (
                `, ${cost.category}`
              )}
              {cost.shares.length > 1 && `, shared: ${cost.amount?.text} over ${cost.shares.length} pieces`}
            </Box>
          </Entry>
        ))}
      </Entries>
      {taking && (
        <Suspense>
          <DrawDialog piece={named} onClose={() => setTaking(false)} />
        </Suspense>
      )}
      {dialog && (
        <CostDialog
          cost={dialog === "new" ? undefined : dialog}
          piece={named}
          workshop={workshop}
          onClose={() => setDialog(null)}
        />
      )}
    </Part>
  );
}
