// What waits on this device to be told, first in, first out. The list is also kept at hand in memory, so that screens can show it.
import { useSyncExternalStore } from "react";
import { type Entry, store, workshop } from "./store";

let waiting: Entry[] = [];
const listeners = new Set<() => void>();
// Other tabs of this device are told when the list changes.
const tabs = new BroadcastChannel("kohlrabi outbox");
tabs.onmessage = () => void read();

// Reads the list anew. Only what is of this workshop is shown and sent.
export async function read(): Promise<Entry[]> {
  const all = await (await store()).getAll("outbox");
  waiting = all.filter((entry) => entry.workshop === workshop());
  listeners.forEach((listener) => listener());
  return waiting;
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

// It was told: what builds on it finds its id in the workshop.
export async function told(entry: Entry, id: number | null): Promise<void> {
  const writing = (await store()).transaction(["outbox", "made"], "readwrite");
  await writing.objectStore("outbox").delete(entry.id);
  if (id !== null) await writing.objectStore("made").put(id, entry.reference);
  await writing.done;
  await changed();
}

export const idOf = async (reference: string) => (await store()).get("made", reference);

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const useWaiting = () => useSyncExternalStore(subscribe, () => waiting);
export const anyWaits = () => waiting.some((entry) => !entry.refused);
