// Recording or correcting one dated event.
import { api } from "../api/client";
import { useWorkshop } from "../api/queries";
import type { EventKind, PieceEvent, Workshop } from "../api/types";
import { eventFields, settling, typedEvent } from "./eventFields";
import type { Values } from "./fields";
import { FormDialog } from "./FormDialog";
import { useSave } from "./session/useSave";
import { t } from "../locales/kit";

type Props = {
  pieceId: number;
  kind: EventKind;
  event?: PieceEvent;
  submit: string;
  workshop: Workshop;
  // Steps of its plan that nobody ticked.
  openSteps?: number;
  // What the form begins with, beside the date; what it is called where another piece could be meant.
  start?: Values;
  title?: string;
  onClose: () => void;
};

export function EventDialog({ pieceId, kind, event, submit, workshop, openSteps = 0, start, title, onClose }: Props) {
  const today = useWorkshop().data?.today.iso;
  const save = useSave();
  const fields = [
    ...eventFields(kind, workshop, "", event ? undefined : { piece: pieceId }),
    ...(event ? [] : settling(kind, openSteps)),
  ];
  const only = (values: Values) => Object.fromEntries(fields.map((field) => [field.name, values[field.name] ?? ""]));
  if (!today) return null;
  return (
    <FormDialog
      title={event ? t("eventDialog.edit", { event: event.label.toLowerCase() }) : (title ?? submit)}
      submit={event ? t("eventDialog.save") : submit}
      fields={fields}
      initial={event ? typedEvent(event) : { on: today, open_steps: "done", ...start }}
      onClose={onClose}
      onSubmit={async (values) => {
        if (event?.id) {
          const path = { params: { path: { id: event.id } } };
          await save(
            api.PATCH("/api/events/{id}", { ...path, body: only(values) }),
            t("eventDialog.changed", { event: event.label }),
          );
        } else {
          await save(
            api.POST("/api/pieces/{id}/events", { params: { path: { id: pieceId } }, body: { kind, ...only(values) } }),
            (made) => t("eventDialog.recorded", { made: made.label }),
          );
        }
        onClose();
      }}
    />
  );
}
