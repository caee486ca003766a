// The dated events of a piece; each can be corrected or taken back.
import Box from "@mui/material/Box";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import type { EventKind, Piece, PieceEvent, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Entries, Entry } from "../../kit/Entry";
import { EventDialog } from "../../kit/EventDialog";
import { Fold } from "../../kit/Fold";
import { EVENT_BUTTONS } from "./EventButtons";
import { Quiet } from "../../kit/layout";
import { t } from "../../locales/flips";

function details(event: PieceEvent, currency: string): string {
  const { sale, refund } = event;
  const money = (name: string, amount?: { text: string } | null) => amount && `${name} ${amount.text}`;
  const parts = sale
    ? [
        sale.price ? t("datesFold.for", { price: sale.price.text, currency }) : t("datesFold.priceUnknown"),
        money("tip", sale.tip),
        money("fee", sale.fee),
        money("delivery", sale.delivery),
        money("asked", sale.asking),
      ]
    : refund
      ? [`${refund.amount?.text}`, money(t("datesFold.gotFeeBack"), refund.fee_back)]
      : [
          event.asking
            ? t("datesFold.at", { asking: event.asking.text, currency })
            : ["listed"].includes(event.kind)
              ? t("datesFold.askingPriceUnknown")
              : null,
        ];
  return [...parts, event.channel].filter(Boolean).join(", ");
}

export function DatesFold({ piece, workshop }: { piece: Piece; workshop: Workshop }) {
  const [correcting, setCorrecting] = useState<PieceEvent | null>(null);
  const { remove } = useUndo();
  const last = piece.events[piece.events.length - 1];
  return (
    <Fold
      title={t("datesFold.dates")}
      summary={last && `${last.label.toLowerCase()} ${last.on?.text ?? t("datesFold.dateUnknown")}`}
    >
      <Entries>
        {piece.events.map((event) => (
          <Entry
            key={event.id ?? event.kind}
            day={event.on?.text ?? t("datesFold.dateUnknown2")}
            name={event.label.toLowerCase()}
            onCorrect={
              event.id === null || event.set_id || event.kind === "split" ? undefined : () => setCorrecting(event)
            }
            onRemove={
              event.id === null || event.set_id
                ? undefined
                : () => remove(api.DELETE("/api/events/{id}", { params: { path: { id: event.id! } } }))
            }
            removeWord={t("datesFold.undo")}
          >
            <Box component="span" sx={{ fontWeight: 500 }}>
              {event.label}
            </Box>{" "}
            {event.kind === "bought" ? bought(piece, workshop.symbol) : details(event, workshop.symbol)}
            {event.set_id && (
              <>
                {" "}
                {t("datesFold.inA")} <Link to={`/floor/sets/${event.set_id}`}>{t("datesFold.set")}</Link>
              </>
            )}
            {!event.recorded && <Quiet component="span">{t("datesFold.hours")}</Quiet>}
          </Entry>
        ))}
      </Entries>
      {correcting && (
        <EventDialog
          pieceId={piece.id}
          kind={correcting.kind as EventKind}
          event={correcting}
          submit={EVENT_BUTTONS[correcting.kind] ?? t("datesFold.record")}
          workshop={workshop}
          openSteps={piece.open_steps}
          onClose={() => setCorrecting(null)}
        />
      )}
    </Fold>
  );
}

function bought(piece: Piece, currency: string): string {
  if (piece.fields.purchase === "") return t("datesFold.unknownPrice");
  return Number(piece.fields.purchase) === 0
    ? t("datesFold.free")
    : t("datesFold.for2", { purchase: piece.fields.purchase, currency });
}
