// Recording hours by hand, or correcting them.
import { useRef } from "react";
import { useFormContext, useWatch } from "react-hook-form";
import { api, undoOf } from "../api/client";
import { useWorkshop } from "../api/queries";
import type { FinishedSteps, Work } from "../api/types";
import { devicePerson } from "./session/person";
import { useUndo } from "./session/undo";
import { useTell } from "./session/useTell";
import { DoneWith } from "./DoneWith";
import { type Named, type ShareInput, startWith, type Values } from "./fields";
import { FormDialog } from "./FormDialog";
import { workFields } from "./workFields";
import { useSave } from "./session/useSave";
import { t } from "../locales/kit";

type Props = { entry?: Work; piece?: Named; onClose: () => void };

const body = (values: Record<string, string>, pieces: ShareInput[]) => ({
  kind: values.kind ?? "",
  effort: values.effort ?? "",
  worked_on: values.worked_on ?? "",
  note: values.note ?? "",
  person_id: Number(values.person_id),
  pieces,
});

// The values of an entry as a form holds them.
const typed = (entry: Work) => ({
  kind: entry.kind,
  effort: entry.effort?.text ?? "",
  worked_on: entry.worked_on?.iso ?? "",
  note: entry.note ?? "",
  person_id: String(entry.person.id),
});
const shares = (entry: Work): ShareInput[] =>
  entry.shares.map((share) => ({ piece_id: share.piece_id, weight: share.weight, name: share.name }));

// Asks which steps the hours finished, by what stands in the form.
function Finished({ pieces, onChange }: { pieces: ShareInput[]; onChange: (done: FinishedSteps | undefined) => void }) {
  const { control } = useFormContext<Values>();
  const [kind = "", effort = ""] = useWatch({ control, name: ["kind", "effort"] });
  return <DoneWith pieces={pieces.map((one) => one.piece_id)} kind={kind} effort={effort} onChange={onChange} />;
}

export default function WorkDialog({ entry, piece, onClose }: Props) {
  const workshop = useWorkshop();
  const save = useSave();
  const { done } = useUndo();
  const tell = useTell();
  const finished = useRef<FinishedSteps | undefined>(undefined);
  if (!workshop.data) return null;
  const initial = entry
    ? typed(entry)
    : {
        kind: "sanding",
        worked_on: workshop.data.today.iso,
        person_id: String(devicePerson().person_id ?? workshop.data.people[0]?.id ?? ""),
      };
  return (
    <FormDialog
      title={entry ? t("workDialog.editHours") : t("workDialog.recordHours")}
      submit={entry ? t("workDialog.save") : t("workDialog.recordHours")}
      fields={workFields(workshop.data)}
      initial={initial}
      initialPieces={entry ? shares(entry) : startWith(piece)}
      onClose={onClose}
      another={!entry}
      extra={
        entry
          ? undefined
          : (pieces: ShareInput[]) => <Finished pieces={pieces} onChange={(done) => (finished.current = done)} />
      }
      onSubmit={async (values, pieces, again) => {
        if (entry) {
          const path = { params: { path: { id: entry.id } } };
          const { effort, ...rest } = body(values, pieces);
          // A time that was not touched stays exact, even where it is shown rounded.
          await save(
            api.PATCH("/api/work/{id}", { ...path, body: effort === typed(entry).effort ? rest : { effort, ...rest } }),
            t("workDialog.hoursChanged"),
          );
        } else {
          const today = workshop.data.today.iso;
          await tell(
            {
              what: t("workDialog.of", { effort: values.effort, kind: values.kind }),
              today: values.worked_on === today ? ["worked_on"] : [],
            },
            (how) => {
              const steps = finished.current;
              const sent = { ...body(values, pieces), ...(steps ? { done_steps: steps } : {}) };
              return api.POST("/api/work", { body: sent, ...how });
            },
            (made) =>
              done(
                t("workDialog.recorded", { effort: made.effort?.text, made: made.label.toLowerCase() }),
                undoOf(made),
              ),
          );
        }
        if (!again) onClose();
      }}
    />
  );
}
