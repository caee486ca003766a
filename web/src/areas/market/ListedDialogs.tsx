// What may be asked about a listed piece: an offer, a hold, a part payment, a sale.
import { api } from "../../api/client";
import type { Workshop } from "../../api/types";
import { EventDialog } from "../../kit/EventDialog";
import { FormDialog } from "../../kit/FormDialog";
import type { MarketRow } from "./ListedPiece";
import { PaymentDialog } from "./PaymentDialog";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/market";

export type Asked = "offer" | "hold" | "payment" | { sold: string } | null;
type Props = { asked: Asked; row: MarketRow; workshop: Workshop; onClose: () => void };

export function ListedDialogs({ asked, row, workshop, onClose }: Props) {
  const save = useSave();
  const { piece } = row;
  const { symbol: currency } = workshop;
  const path = { params: { path: { id: piece.id } } };
  if (asked === null) return null;
  if (asked === "payment") return <PaymentDialog piece={piece} currency={currency} onClose={onClose} />;
  if (asked === "offer")
    return (
      <FormDialog
        title={t("listedDialogs.offer", { piece: piece.name })}
        submit={t("listedDialogs.getAdvice")}
        fields={[
          { name: "amount", label: t("listedDialogs.offer2"), kind: "text", unit: currency, half: true },
          {
            name: "who",
            label: t("listedDialogs.from"),
            kind: "text",
            half: true,
            help: t("listedDialogs.anyNameLike"),
          },
          { name: "note", label: t("listedDialogs.note"), kind: "text" },
        ]}
        onClose={onClose}
        onSubmit={async ({ amount = "", who = "", note = "" }) => {
          await save(api.POST("/api/pieces/{id}/offers", { ...path, body: { amount, who, note } }), (made) =>
            t("listedDialogs.offerAdded", { amount: made.amount?.text ?? t("listedDialogs.amount") }),
          );
          onClose();
        }}
      />
    );
  if (asked === "hold")
    return (
      <FormDialog
        title={t("listedDialogs.reserve", { piece: piece.name })}
        submit={t("listedDialogs.reserve2")}
        fields={[
          { name: "who", label: t("listedDialogs.for"), kind: "text" },
          { name: "price", label: t("listedDialogs.agreedPrice"), kind: "text", unit: currency, half: true },
          { name: "deposit", label: t("listedDialogs.paidDown"), kind: "text", unit: currency, half: true },
          { name: "until_on", label: t("listedDialogs.until"), kind: "date", half: true },
          { name: "pick_up_on", label: t("listedDialogs.pickup"), kind: "date", half: true },
          { name: "pick_up", label: t("listedDialogs.timeWhoPicksUp"), kind: "text" },
        ]}
        onClose={onClose}
        onSubmit={async ({ who = "", ...rest }) => {
          await save(api.POST("/api/pieces/{id}/holds", { ...path, body: { who, ...rest } }), (made) =>
            t("listedDialogs.reserved", { who: made.who }),
          );
          onClose();
        }}
      />
    );
  return (
    <EventDialog
      pieceId={piece.id}
      kind="sold"
      submit={t("listedDialogs.recordSale")}
      title={t("listedDialogs.recordSale2", { piece: piece.name })}
      workshop={workshop}
      start={{ price: asked.sold }}
      onClose={onClose}
    />
  );
}
