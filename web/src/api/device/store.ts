// What this device keeps for itself, in IndexedDB: what was seen last, what waits to be told, and what became of it.
// All of it is of one workshop at a time, so that demo and real data never meet. Fails with Full where the browser
// gives no more room.
import type { PersistedClient } from "@tanstack/react-query-persist-client";
import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import type { Problem } from "../types";

// A step that was ticked, or a caution that was read.
export type Tick = { piece: number; step?: string; caution?: string };

// Something that happened here and waits to be told: an ordinary POST, with what makes it count once, as of its moment.
export type Entry = {
  id: number; // in the order in which things happened
  workshop: string;
  reference: string; // made here, unique for ever
  key: string; // of this wording of it; another once it was mended
  happenedAt: string; // ISO 8601, by this device's clock
  url: string;
  type: string;
  body: string | Blob;
  what: string; // in words
  named?: boolean | undefined; // whether others may build on it
  names: string[]; // references of entries that it builds on
  tick?: Tick | undefined;
  ends?: number | undefined; // id of a timer of the workshop
  refused?: Problem | undefined; // parked: it was refused, or what it builds on was
};

interface Shape extends DBSchema {
  outbox: { key: number; value: Entry };
  made: { key: string; value: number }; // id in the workshop of what was sent under a reference
  seen: { key: string; value: PersistedClient }; // by the workshop's id
}

const WORKSHOP = "kohlrabi workshop";

// The workshop whose data is kept here; "" before one was ever reached.
export const workshop = () => localStorage.getItem(WORKSHOP) ?? "";
export const nowIn = (uuid: string) => localStorage.setItem(WORKSHOP, uuid);

let opened: Promise<IDBPDatabase<Shape>> | undefined;

export function store(): Promise<IDBPDatabase<Shape>> {
  opened ??= openDB<Shape>("kohlrabi", 1, {
    upgrade(db) {
      db.createObjectStore("outbox", { keyPath: "id", autoIncrement: true });
      db.createObjectStore("made");
      db.createObjectStore("seen");
    },
    // Another tab wants a newer shape: it gets it, and this one opens it again.
    blocking: () => void opened?.then((db) => db.close()).then(() => (opened = undefined)),
    terminated: () => (opened = undefined),
  });
  return opened;
}

export const isFull = (error: unknown) => error instanceof DOMException && error.name === "QuotaExceededError";

// Nothing of any workshop stays on this device.
export async function clearDevice(): Promise<void> {
  const db = await store();
  await Promise.all([db.clear("outbox"), db.clear("made"), db.clear("seen")]);
  localStorage.removeItem(WORKSHOP);
}
