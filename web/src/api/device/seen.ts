// What was seen last, kept on this device: Today, pieces in hand, plans, shelf, spotted pieces, market and the card open from here
// without a connection. Bounded: the latest answers, up to a size.
import type { PersistedClient, Persister } from "@tanstack/react-query-persist-client";
import type { Query } from "@tanstack/react-query";
import { store, workshop } from "./store";

const DAY = 86_400_000; // ms
export const KEPT_FOR = 14 * DAY;
const MOST = 120; // answers
const LARGEST = 8_000_000; // characters
const CALM = 1000; // ms between writings

// What is kept, by the first two parts of its key.
export const KEPT_KEYS = [
  ["house", "workshop"],
  ["bench", "today"],
  ["bench", "timers"],
  ["flips", "pieces"],
  ["flips", "piece"],
  ["flips", "diary"],
  ["planning", "plan"],
  ["shelf", "shelf"],
  ["shelf", "shopping"],
  ["scout", "prospects"],
  ["scout", "prospect"],
  ["scout", "card"],
  ["market", "market"],
];

export const isKept = (query: Query) =>
  query.state.data !== undefined &&
  KEPT_KEYS.some(([area, name]) => query.queryKey[0] === area && query.queryKey[1] === name);

// An answer stays what it was where the next one did not come.
const asAnswered = <T extends PersistedClient["clientState"]["queries"][number]>(query: T): T => ({
  ...query,
  state: { ...query.state, status: "success", error: null, fetchFailureCount: 0, fetchFailureReason: null },
});

// The latest answers that fit.
export function bounded(client: PersistedClient): PersistedClient {
  const latest = [...client.clientState.queries].sort(
    (one, other) => other.state.dataUpdatedAt - one.state.dataUpdatedAt,
  );
  let size = 0;
  const queries = latest.slice(0, MOST).filter((query) => (size += JSON.stringify(query.state.data).length) <= LARGEST);
  return { ...client, clientState: { mutations: [], queries: queries.map(asAnswered) } };
}

let next: PersistedClient | null = null;
let timer: ReturnType<typeof setTimeout> | undefined;

async function write(): Promise<void> {
  timer = undefined;
  const client = next;
  next = null;
  if (!client || workshop() === "") return;
  // Where there is no room, what was seen is not kept; what waits to be told is more worth.
  await store()
    .then((db) => db.put("seen", bounded(client), workshop()))
    .catch(() => undefined);
}

document.addEventListener("visibilitychange", () => document.visibilityState === "hidden" && void write());

export const persister: Persister = {
  persistClient: (client) => {
    next = client;
    timer ??= setTimeout(() => void write(), CALM);
  },
  restoreClient: async () => (await store()).get("seen", workshop()),
  removeClient: async () => (await store()).delete("seen", workshop()),
};
