// Begins a timer on this device, where the workshop is out of reach. What makes dust of an old finish waits for the
// same answers as ever: they are looked up in what was seen last, and where that does not tell, nothing is begun.
import { useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { ProblemError, unreachable } from "../../api/client";
import { begin } from "../../api/device/ownTimers";
import { pieceKey, planKey, useTimers, useWorkshop, workshopKey } from "../../api/queries";
import type { Piece, Plan, Step, Workshop } from "../../api/types";
import { withTicks } from "../../api/device/ticks";
import { useWaiting } from "../../api/device/outbox";
import { devicePerson } from "./person";
import { useUndo } from "./undo";

const DUSTY = ["sanding", "stripping"]; // kinds of work that the workshop asks about lead

type Wanted = { piece_id: number; step: string; person_id?: number };
type WantedKind = { kind: string; pieces: number[]; person_id?: number };

function refuse(detail: string): never {
  throw new ProblemError({ ...unreachable, status: 422, title: "Not begun", detail });
}

function refuseUnread(step: Step): void {
  if (step.cautions.some((one) => one.serious && !one.confirmed))
    refuse("A caution must be read first: open the plan, read it there, and start then.");
  if (step.lead || step.decide) refuse("This step ends with an answer that the workshop has to hear.");
}

function refuseDust(kind: string, plan: Plan | undefined): void {
  if (!DUSTY.includes(kind)) return;
  if (!plan || (plan.lead.answer !== "clear" && !plan.lead.after_limit))
    refuse("The old finish may hold lead: without the workshop in reach, nothing that makes dust of it is begun.");
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
      if (!person) refuse("Nobody's name is known here yet. Come into reach once.");
      if (busy.has(person.id)) refuse(`${person.name}'s timer is already running. Stop it first.`);
      const planOf = (id: number) => {
        const page = client.getQueryData<Plan>(planKey(id));
        return page && withTicks(page, waiting);
      };
      const nameOf = (id: number) => {
        const piece = client.getQueryData<Piece>(pieceKey(id));
        return { id, name: piece?.fields.name ?? planOf(id)?.name ?? `Piece ${id}` };
      };
      if ("step" in wanted) {
        const step = planOf(wanted.piece_id)?.plan?.steps.find((one) => one.key === wanted.step);
        if (!step) refuse("This plan was not seen here before. Come into reach once.");
        refuseUnread(step);
        const { key, label, kind, kind_label } = step;
        begin({
          begunAs,
          kind,
          label: kind_label,
          person,
          pieces: [nameOf(wanted.piece_id)],
          steps: [{ piece_id: wanted.piece_id, step: key, label }],
        });
        return done(`Timer started on this device: ${label}`);
      }
      wanted.pieces.forEach((id) => refuseDust(wanted.kind, planOf(id)));
      const lists = client.getQueryData<Workshop>(workshopKey)?.lists;
      const label = lists?.work_kinds.find((one) => one.key === wanted.kind)?.label ?? wanted.kind;
      begin({ begunAs, kind: wanted.kind, label, person, pieces: wanted.pieces.map(nameOf), steps: [] });
      done(`Timer started on this device: ${label.toLowerCase()}`);
    },
    [client, done, people, timers, waiting],
  );
}
