// Starting a timer: for which piece or pieces, and what kind of work.
import { useState } from "react";
import { api, ask, isUnreachable, newKey } from "../api/client";
import { useTimers, useWorkshop } from "../api/queries";
import { type Named, startWith } from "../kit/fields";
import { type Danger, dangerOf } from "../kit/danger";
import DangerDialog from "../kit/DangerDialog";
import { FormDialog } from "../kit/FormDialog";
import { useBeginHere } from "../kit/session/useBeginHere";
import { useUndo } from "../kit/session/undo";
import { t } from "../locales/app";

export default function StartTimer({ piece, onClose }: { piece: Named | null; onClose: () => void }) {
  const workshop = useWorkshop();
  const timers = useTimers();
  const { done, failed } = useUndo();
  const beginHere = useBeginHere();
  const [danger, setDanger] = useState<{ met: Danger; again: () => Promise<void> } | null>(null);
  if (!workshop.data || !timers.data) return null;
  const busy = new Set(timers.data.map((timer) => timer.person.id));
  const free = workshop.data.people.find((person) => !busy.has(person.id)) ?? workshop.data.people[0];
  const start = async (kind: string, person: number, pieces: number[]): Promise<void> => {
    const reference = newKey();
    const body = { kind, person_id: person, piece_ids: pieces };
    const asked = api.POST("/api/timers", { body, headers: { Reference: reference } });
    const timer = await ask(asked).catch((error: unknown) => {
      if (isUnreachable(error)) {
        beginHere({ kind, pieces, person_id: person }, reference);
        return onClose();
      }
      const met = dangerOf(error);
      if (!met) throw error;
      setDanger({ met, again: () => start(kind, person, pieces) });
    });
    if (!timer) return;
    done(t("startTimer.timerStarted", { timer: timer.label.toLowerCase() }), () =>
      ask(api.DELETE("/api/timers/{id}", { params: { path: { id: timer.id } } })),
    );
    onClose();
  };
  if (danger)
    return <DangerDialog danger={danger.met} onClose={onClose} onCleared={() => void danger.again().catch(failed)} />;
  return (
    <FormDialog
      title={t("startTimer.startTimer")}
      submit={t("startTimer.startTimer2")}
      initial={{ kind: "sanding", person_id: String(free?.id ?? "") }}
      initialPieces={startWith(piece)}
      fields={[
        { name: "pieces", label: t("startTimer.pieces"), kind: "pieces", weights: false },
        {
          name: "kind",
          label: t("startTimer.kindWork"),
          kind: "select",
          options: workshop.data.lists.work_kinds.map((kind) => ({ key: kind.key, label: kind.label })),
        },
        {
          name: "person_id",
          label: t("startTimer.who"),
          kind: "select",
          hidden: workshop.data.people.length < 2,
          options: workshop.data.people.map((person) => ({ key: String(person.id), label: person.name })),
        },
      ]}
      onClose={onClose}
      onSubmit={(values, shares) =>
        start(
          values.kind ?? "",
          Number(values.person_id),
          shares.map((share) => share.piece_id),
        )
      }
    />
  );
}
