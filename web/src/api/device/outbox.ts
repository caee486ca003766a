// What waits on this device to be told, first in, first out. The list is also kept at hand in memory, so that screens
// can show it.
import { useSyncExternalStore } from "react";
import { type Entry, store, workshop } from "./store";

let waiting: Entry[] = [];
const listeners = new Set<() => void>();
// Other tabs of this device are told when the list changes.
const tabs = new BroadcastChannel("kohlrabi outbox");
tabs.onmessage = () => void read();

// Reads the list again. Only what is of this workshop is shown and sent.
export async function read(): Promise<Entry[]> {
  const all = await (await store()).getAll("outbox");
  waiting = all.filter((entry) => entry.workshop === workshop());
  show();
  return waiting;
}

const CALM = 200; // ms: hundreds may be told within seconds, and nobody reads each
let shown: ReturnType<typeof setTimeout> | undefined;
let listed = waiting; // as screens show it

function show(): void {
  clearTimeout(shown);
  shown = undefined;
  listed = waiting;
  listeners.forEach((listener) => listener());
}

async function changed(): Promise<void> {
  await read();
  tabs.postMessage("changed");
}

export async function add(entry: Omit<Entry, "id">): Promise<void> {
  await (await store()).add("outbox", entry as Entry);
  await changed();
}

export async function put(entry: Entry): Promise<void> {
  await (await store()).put("outbox", entry);
  await changed();
}

// Takes back what was noted under a reference, while it waits.
export async function dropNamed(reference: string): Promise<void> {
  const entry = (await read()).find((one) => one.reference === reference);
  if (entry) await drop(entry.id);
}

export async function drop(id: number): Promise<void> {
  await (await store()).delete("outbox", id);
  await changed();
}

// It was sent: what builds on it finds its id in the workshop. The next need not wait until that is written down: the
// database keeps the order, and what is sent a second time counts once.
export function told(entry: Entry, id: number | null): void {
  waiting = waiting.filter((one) => one.id !== entry.id);
  void store().then((db) => {
    const writing = db.transaction(["outbox", "made"], "readwrite");
    void writing.objectStore("outbox").delete(entry.id);
    if (entry.named && id !== null) void writing.objectStore("made").put(id, entry.reference);
    return writing.done;
  });
  shown ??= setTimeout(() => {
    show();
    tabs.postMessage("changed");
  }, CALM);
}

// As they wait now, first in, first out.
export const all = () => waiting;

export const idOf = async (reference: string) => (await store()).get("made", reference);

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const useWaiting = () => useSyncExternalStore(subscribe, () => listed);
export const anyWaits = () => waiting.some((entry) => !entry.refused);
