// Listing, repricing or selling a set; the price may be shared by hand.
import { api, ask, undoOf } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import type { PieceSet, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { eventFields, settled, settling, typedEvent } from "../../kit/eventFields";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/flips";

export type SetKind = "ready" | "listed" | "price_changed" | "sold";
type SetEvent = PieceSet["events"][number];
type Props = {
  set: PieceSet;
  kind: SetKind;
  event?: SetEvent;
  submit: string;
  workshop: Workshop;
  onClose: () => void;
};

function fieldsOf(set: PieceSet, kind: SetKind, workshop: Workshop, fresh: boolean): FieldSpec[] {
  const hand = set.members.map<FieldSpec>((member) => ({
    name: `hand_${member.piece_id}`,
    label: t("setEventDialog.share", { member: member.name }),
    kind: "text",
    unit: workshop.symbol,
    half: true,
    help: t("setEventDialog.onlyIfSplitYourself"),
  }));
  return [
    ...eventFields(kind, workshop, t("setEventDialog.set"), fresh ? {} : undefined),
    ...settling(kind, set.open_steps),
    ...(kind === "sold" ? hand : []),
  ];
}

const typed = (event: SetEvent): Values => ({
  ...typedEvent({ ...event, sale: event }),
  ...Object.fromEntries((event.hand ?? []).map((row) => [`hand_${row.piece_id}`, row.amount])),
});

function bodyOf(values: Values, set: PieceSet, kind: SetKind) {
  const { on = "", channel = "" } = values;
  if (kind === "ready") return { on };
  if (kind !== "sold") return { on, channel, asking: values.asking ?? "" };
  const hand = set.members.map((member) => ({
    piece_id: member.piece_id,
    amount: values[`hand_${member.piece_id}`] ?? "",
  }));
  return {
    on,
    channel,
    price: values.price ?? "",
    tip: values.tip ?? "",
    fee: values.fee ?? "",
    delivery: values.delivery ?? "",
    hand,
  };
}

export function SetEventDialog({ set, kind, event, submit, workshop, onClose }: Props) {
  const today = useWorkshop().data?.today.iso;
  const save = useSave();
  const { done } = useUndo();
  if (!today) return null;
  return (
    <FormDialog
      title={event ? t("setEventDialog.edit", { event: event.label.toLowerCase() }) : submit}
      submit={event ? t("setEventDialog.save") : submit}
      fields={fieldsOf(set, kind, workshop, !event)}
      initial={event ? typed(event) : { on: today, open_steps: "done" }}
      onClose={onClose}
      onSubmit={async (values) => {
        const body = bodyOf(values, set, kind);
        if (event) {
          const path = { params: { path: { id: event.id } } };
          await save(api.PATCH("/api/set-events/{id}", { ...path, body }), (changed) =>
            changed.changes.length ? changed.changes.join(" ") : t("setEventDialog.changed", { event: event.label }),
          );
        } else {
          const now = await ask(
            api.POST("/api/sets/{id}/events", {
              params: { path: { id: set.id } },
              body: { kind, ...body, ...settled(values) },
            }),
          );
          const made = now.events[now.events.length - 1]!;
          done(t("setEventDialog.recordedSet", { made: made.label }), undoOf(now));
        }
        onClose();
      }}
    />
  );
}
