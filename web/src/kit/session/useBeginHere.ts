// Begins a timer on this device, where the device is offline: unless one of the blocks that the core sent with
// the step, or with the kind of work, holds. Where the plan was never seen, nothing is begun.
import { useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { ProblemError, unreachable } from "../../api/client";
import { begin } from "../../api/device/ownTimers";
import { pieceKey, planKey, useTimers, useWorkshop, workshopKey } from "../../api/queries";
import type { Block, Piece, Plan, Workshop } from "../../api/types";
import { holding } from "../../api/device/blocks";
import type { Entry } from "../../api/device/store";
import { withTicks } from "../../api/device/ticks";
import { useWaiting } from "../../api/device/outbox";
import { devicePerson } from "./person";
import { useUndo } from "./undo";
import { t } from "../../locales/kit";

type Wanted = { piece_id: number; step: string; person_id?: number };
type WantedKind = { kind: string; pieces: number[]; person_id?: number };

function refuse(detail: string): never {
  throw new ProblemError({ ...unreachable, status: 422, title: t("useBeginHere.started"), detail });
}

// The first block that holds, as the core says it.
function refuseHeld(blocks: Block[], piece: number, waiting: Entry[]): void {
  const [held] = holding(blocks, piece, waiting);
  if (held) refuse(held.text);
}

// Returns what begins a timer on a step, or of a kind on some pieces. begunAs: the reference under which the workshop
// was asked for it. Throws ProblemError where it may not.
export function useBeginHere() {
  const client = useQueryClient();
  const timers = useTimers().data;
  const people = useWorkshop().data?.people;
  const waiting = useWaiting();
  const { done } = useUndo();
  return useCallback(
    (wanted: Wanted | WantedKind, begunAs: string) => {
      const asked = wanted.person_id ?? devicePerson().person_id;
      const busy = new Set((timers ?? []).map((timer) => timer.person.id));
      const person = people?.find((one) => (asked ? one.id === asked : !busy.has(one.id)));
      if (!person) refuse(t("useBeginHere.doesntKnowWhosWorking"));
      if (busy.has(person.id)) refuse(t("useBeginHere.sTimerAlreadyRunning", { person: person.name }));
      const planOf = (id: number) => {
        const page = client.getQueryData<Plan>(planKey(id));
        return page && withTicks(page, waiting);
      };
      const nameOf = (id: number) => {
        const piece = client.getQueryData<Piece>(pieceKey(id));
        return { id, name: piece?.fields.name ?? planOf(id)?.name ?? t("useBeginHere.piece", { id }) };
      };
      if ("step" in wanted) {
        const step = planOf(wanted.piece_id)?.plan?.steps.find((one) => one.key === wanted.step);
        if (!step) refuse(t("useBeginHere.planSavedDeviceConnect"));
        refuseHeld(step.blocks, wanted.piece_id, waiting);
        const { key, label, kind, kind_label } = step;
        begin({
          begunAs,
          kind,
          label: kind_label,
          person,
          pieces: [nameOf(wanted.piece_id)],
          steps: [{ piece_id: wanted.piece_id, step: key, label }],
        });
        return done(t("useBeginHere.timerStartedOffline", { label }));
      }
      const lists = client.getQueryData<Workshop>(workshopKey)?.lists;
      const known = lists?.work_kinds.find((one) => one.key === wanted.kind);
      const label = known?.label ?? wanted.kind;
      for (const id of wanted.pieces) {
        const page = planOf(id);
        if (!page && known?.dusty !== false) refuse(t("useBeginHere.pieceSavedDeviceConnect"));
        refuseHeld(page?.kinds.find((one) => one.kind === wanted.kind)?.blocks ?? [], id, waiting);
      }
      begin({ begunAs, kind: wanted.kind, label, person, pieces: wanted.pieces.map(nameOf), steps: [] });
      done(t("useBeginHere.timerStartedOffline", { label: label.toLowerCase() }));
    },
    [client, done, people, timers, waiting],
  );
}
