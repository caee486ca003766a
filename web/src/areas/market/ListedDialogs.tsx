// What may be asked about a listed piece: an offer, a hold, a part payment, a sale.
import { api } from "../../api/client";
import type { Workshop } from "../../api/types";
import { EventDialog } from "../../kit/EventDialog";
import { FormDialog } from "../../kit/FormDialog";
import type { MarketRow } from "./ListedPiece";
import { PaymentDialog } from "./PaymentDialog";
import { useSave } from "../../kit/session/useSave";

export type Asked = "offer" | "hold" | "payment" | { sold: string } | null;
type Props = { asked: Asked; row: MarketRow; workshop: Workshop; onClose: () => void };

export function ListedDialogs({ asked, row, workshop, onClose }: Props) {
  const save = useSave();
  const { piece } = row;
  const { currency } = workshop;
  const path = { params: { path: { id: piece.id } } };
  if (asked === null) return null;
  if (asked === "payment") return <PaymentDialog piece={piece} currency={currency} onClose={onClose} />;
  if (asked === "offer")
    return (
      <FormDialog
        title={`Offer for ${piece.name}`}
        submit="Get advice"
        fields={[
          { name: "amount", label: "Offered", kind: "text", unit: currency, half: true },
          { name: "who", label: "By whom", kind: "text", half: true, help: "in your words" },
          { name: "note", label: "Note", kind: "text" },
        ]}
        onClose={onClose}
        onSubmit={async ({ amount = "", who = "", note = "" }) => {
          await save(
            api.POST("/api/pieces/{id}/offers", { ...path, body: { amount, who, note } }),
            (made) => `Offer of ${made.amount?.text ?? "nothing named"} noted`,
          );
          onClose();
        }}
      />
    );
  if (asked === "hold")
    return (
      <FormDialog
        title={`Hold ${piece.name}`}
        submit="Hold it"
        fields={[
          { name: "who", label: "For whom", kind: "text" },
          { name: "price", label: "Agreed price", kind: "text", unit: currency, half: true },
          { name: "deposit", label: "Paid down", kind: "text", unit: currency, half: true },
          { name: "until_on", label: "Until", kind: "date", half: true },
          { name: "pick_up_on", label: "Picked up on", kind: "date", half: true },
          { name: "pick_up", label: "At what time, by whom", kind: "text" },
        ]}
        onClose={onClose}
        onSubmit={async ({ who = "", ...rest }) => {
          await save(
            api.POST("/api/pieces/{id}/holds", { ...path, body: { who, ...rest } }),
            (made) => `Held for ${made.who}`,
          );
          onClose();
        }}
      />
    );
  return (
    <EventDialog
      pieceId={piece.id}
      kind="sold"
      submit="Record sale"
      title={`Record the sale of ${piece.name}`}
      workshop={workshop}
      start={{ price: asked.sold }}
      onClose={onClose}
    />
  );
}
