// Recording or correcting one dated event.
import { api, ask } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import type { EventKind, PieceEvent, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";

type Props = {
  pieceId: number;
  kind: EventKind;
  event?: PieceEvent;
  submit: string;
  workshop: Workshop;
  onClose: () => void;
};

function fieldsOf(kind: EventKind, workshop: Workshop): FieldSpec[] {
  const unit = workshop.currency;
  const date: FieldSpec = { name: "on", label: "Date", kind: "date", half: true };
  const channel: FieldSpec = {
    name: "channel",
    label: "Where (channel)",
    kind: "suggest",
    suggestions: workshop.lists.channels,
  };
  const money = (name: string, label: string): FieldSpec => ({ name, label, kind: "text", unit, half: true });
  switch (kind) {
    case "listed":
      return [date, money("asking", "Asking price"), channel];
    case "price_changed":
      return [date, money("asking", "New asking price")];
    case "sold":
      return [
        date,
        money("price", "Sale price"),
        money("fee", "Fee"),
        money("delivery", "Delivery"),
        money("tip", "Tip"),
        channel,
      ];
    case "refunded":
      return [date, money("amount", "Refunded"), money("fee_back", "Fee given back")];
    default:
      return [date];
  }
}

// Amounts as they are typed: without the gaps and the true minus of shown ones.
const plain = (amount?: { text: string } | null) => amount?.text.replace(/\s/g, "") ?? "";

function typed(event: PieceEvent): Values {
  return {
    on: event.on?.iso ?? "",
    asking: plain(event.asking),
    channel: event.channel ?? "",
    price: plain(event.sale?.price),
    tip: plain(event.sale?.tip),
    fee: plain(event.sale?.fee),
    delivery: plain(event.sale?.delivery),
    amount: plain(event.refund?.amount),
    fee_back: plain(event.refund?.fee_back),
  };
}

export function EventDialog({ pieceId, kind, event, submit, workshop, onClose }: Props) {
  const today = useWorkshop().data?.today.iso;
  const { done } = useUndo();
  const fields = fieldsOf(kind, workshop);
  const only = (values: Values) => Object.fromEntries(fields.map((field) => [field.name, values[field.name] ?? ""]));
  if (!today) return null;
  return (
    <FormDialog
      title={event ? `Correct: ${event.label.toLowerCase()}` : submit}
      submit={event ? "Save correction" : submit}
      fields={fields}
      initial={event ? typed(event) : { on: today }}
      onClose={onClose}
      onSubmit={async (values) => {
        if (event?.id) {
          const path = { params: { path: { id: event.id } } };
          await ask(api.PATCH("/api/events/{id}", { ...path, body: only(values) }));
          done(`${event.label} corrected`, () =>
            ask(api.PATCH("/api/events/{id}", { ...path, body: only(typed(event)) })),
          );
        } else {
          const made = await ask(
            api.POST("/api/pieces/{id}/events", { params: { path: { id: pieceId } }, body: { kind, ...only(values) } }),
          );
          done(`${made.label} recorded`, () =>
            ask(api.DELETE("/api/events/{id}", { params: { path: { id: made.id! } } })),
          );
        }
        onClose();
      }}
    />
  );
}
