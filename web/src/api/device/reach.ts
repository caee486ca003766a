// Whether the workshop answers, as far as this device knows; and since when not.
import { useSyncExternalStore } from "react";

let written: string | null = null; // the workshop's version after what this page wrote last

// Takes note of what the workshop says beside an answer.
export function noteAnswer(answer: Response): void {
  heard(true);
  reached(true);
  written = answer.headers.get("Workshop-Version") ?? written;
  const told = Date.parse(answer.headers.get("Date") ?? "");
  if (!Number.isNaN(told)) ahead = told - Date.now();
}

// By how many ms the workshop's clock is ahead of this device's, to a second.
let ahead = 0;

// The time by the workshop's clock, as far as it is known.
export const clockNow = () => Date.now() + ahead;

// A request got no answer; it may be made again.
export const noteSilence = () => heard(false);

export const writtenHere = () => written;

type Reach = { within: boolean; since: Date };

let reach: Reach = { within: true, since: new Date() };
let heard: (answered: boolean) => void;

// Whether the first request of this page was answered.
export const firstHeard = new Promise<boolean>((resolve) => (heard = resolve));
const listeners = new Set<() => void>();

export const inReach = () => reach.within;

export function reached(within: boolean): void {
  if (within === reach.within) return;
  reach = { within, since: new Date() };
  listeners.forEach((listener) => listener());
}

export function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const useReach = () => useSyncExternalStore(subscribe, () => reach);
