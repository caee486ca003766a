// What was seen last, kept on this device: Today, pieces in hand, plans, shelf, spotted pieces, market and the card
// open from here without a connection. Bounded: the latest answers, up to a size. Where the workshop answers, none of
// it is shown: it may be old, and what is new comes at once.
import type { PersistedClient, Persister } from "@tanstack/react-query-persist-client";
import { hydrate, type Query, type QueryClient } from "@tanstack/react-query";
import { firstHeard, inReach, subscribe } from "./reach";
import { store, workshop } from "./store";

const DAY = 86_400_000; // ms
export const KEPT_FOR = 14 * DAY;
const MOST = 120; // answers
const LARGEST = 8_000_000; // characters
const CALM = 1000; // ms between writings
const SOON = 600; // ms in which a workshop in reach says something

// What is kept, by the first two parts of its key.
export const KEPT_KEYS = [
  ["house", "workshop"],
  ["bench", "today"],
  ["bench", "timers"],
  ["bench", "schedule"],
  ["flips", "pieces"],
  ["flips", "piece"],
  ["flips", "diary"],
  ["flips", "day-offers"],
  ["planning", "plan"],
  ["planning", "catalogue"],
  ["shelf", "shelf"],
  ["shelf", "shopping"],
  ["shelf", "colours"],
  ["scout", "prospects"],
  ["scout", "prospect"],
  ["scout", "card"],
  ["market", "market"],
  ["market", "pricing"],
  ["market", "listing"],
];

export const isKept = (query: Query) =>
  query.state.data !== undefined &&
  KEPT_KEYS.some(([area, name]) => query.queryKey[0] === area && query.queryKey[1] === name);

// An answer stays what it was where the next one did not come.
type Seen = PersistedClient["clientState"]["queries"][number];
const asAnswered = (query: Seen): Seen => ({
  ...query,
  state: { ...query.state, status: "success", error: null, fetchFailureCount: 0, fetchFailureReason: null },
});

// Seen before this page was opened, and not needed yet.
let aside: Seen[] = [];

// The latest answers that fit: of what was seen here, and before.
function bounded(client: PersistedClient): PersistedClient {
  const here = new Set(client.clientState.queries.map((query) => query.queryHash));
  const before = aside.filter((query) => !here.has(query.queryHash));
  const latest = [...client.clientState.queries, ...before].sort(
    (one, other) => other.state.dataUpdatedAt - one.state.dataUpdatedAt,
  );
  let size = 0;
  const queries = latest.slice(0, MOST).filter((query) => (size += JSON.stringify(query.state.data).length) <= LARGEST);
  return { ...client, clientState: { mutations: [], queries: queries.map(asAnswered) } };
}

let next: PersistedClient | null = null;
let timer: ReturnType<typeof setTimeout> | undefined;
let shown = ""; // the workshop whose data this page shows

async function write(): Promise<void> {
  timer = undefined;
  const client = next;
  next = null;
  shown ||= workshop();
  if (!client || shown === "" || shown !== workshop()) return;
  // Where there is no room, what was seen is not kept; what waits to be told is more worth.
  await store()
    .then((db) => db.put("seen", bounded(client), shown))
    .catch(() => undefined);
}

document.addEventListener("visibilitychange", () => document.visibilityState === "hidden" && void write());

let laid: () => void;
const laidAside = new Promise<void>((resolve) => (laid = resolve));

// Shows what was seen before from the moment on at which the workshop does not answer.
export function standIn(client: QueryClient): void {
  const show = () => {
    hydrate(client, { mutations: [], queries: aside });
    aside = [];
  };
  const silent = new Promise<boolean>((resolve) => setTimeout(() => resolve(false), SOON));
  void Promise.all([laidAside, Promise.race([firstHeard, silent])]).then(([, answered]) => answered || show());
  subscribe(() => inReach() || show());
}

// Of the right shape and not too old, as far as the device has it.
async function lay(): Promise<void> {
  shown = workshop();
  const kept = await (await store()).get("seen", shown);
  if (kept?.buster !== __SHAPE__) return;
  aside = kept.clientState.queries.filter((query) => Date.now() - query.state.dataUpdatedAt < KEPT_FOR);
}

export const persister: Persister = {
  persistClient: (client) => {
    next = client;
    timer ??= setTimeout(() => void write(), CALM);
  },
  restoreClient: async () => {
    await lay().catch(() => undefined); // a device that keeps nothing has nothing to show
    laid();
    return undefined;
  },
  removeClient: async () => (await store()).delete("seen", workshop()),
};
