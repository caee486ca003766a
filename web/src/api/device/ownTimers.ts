// Timers that this device runs by itself, begun while the device was offline. They outlive a reload, and are
// told once they are stopped, with both their moments.
import { useSyncExternalStore } from "react";
import type { Timer } from "../types";
import { workshop } from "./store";
import { t } from "../../locales/kit";

const KEY = "kohlrabi timers";

// startedAt: ISO 8601, by this device's clock; id: below zero.
export type OwnTimer = {
  id: number;
  begunAs: string; // reference under which the workshop was asked for it: an answer may have been lost
  workshop: string;
  startedAt: string;
  kind: string;
  label: string;
  person: { id: number; name: string };
  pieces: { id: number; name: string }[];
  steps: { piece_id: number; step: string; label: string }[];
};

const all = (): OwnTimer[] => JSON.parse(localStorage.getItem(KEY) ?? "[]") as OwnTimer[];

let shown: OwnTimer[] = [];
const listeners = new Set<() => void>();

function read(): void {
  shown = all().filter((timer) => timer.workshop === workshop());
  listeners.forEach((listener) => listener());
}
read();
window.addEventListener("storage", (event) => event.key === KEY && read());

function write(timers: OwnTimer[]): void {
  localStorage.setItem(KEY, JSON.stringify(timers));
  read();
}

// Begins one now.
export function begin(timer: Omit<OwnTimer, "id" | "workshop" | "startedAt">): OwnTimer {
  const begun = { ...timer, id: -Date.now(), workshop: workshop(), startedAt: new Date().toISOString() };
  write([...all(), begun]);
  return begun;
}

export const forget = (id: number) => write(all().filter((timer) => timer.id !== id));
export const find = (id: number) => shown.find((timer) => timer.id === id);

export const useOwnTimers = () =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => shown,
  );

// As the workshop would say it.
export function asTimer(own: OwnTimer, at: number): Timer {
  const started = new Date(own.startedAt);
  const seconds = Math.max(Math.round((at - started.getTime()) / 1000), 0);
  return {
    id: own.id,
    reference: own.begunAs,
    kind: own.kind,
    label: own.label,
    person: own.person,
    pieces: own.pieces.map((piece) => ({ ...piece, ticket: "", stage: "on the bench", mates: [] })),
    steps: own.steps.map((one) => ({ ...one, estimate: null, units: [], trial: false })),
    started_at: own.startedAt,
    started_text: started.toLocaleTimeString(undefined, { hour: "2-digit", minute: "2-digit" }),
    elapsed: { seconds, text: t("ownTimers.min", { minutes: Math.round(seconds / 60) }) },
    long: false,
    proposal: null,
    takes: [],
  };
}
