// Tells the workshop what waits on this device: one sender a device, one entry after the other. Where no answer
// comes, or the passcode is asked for, all of it waits on; what is refused is set aside with all that builds on it,
// and the rest goes on.
import { LOCKED } from "../client";
import type { Problem } from "../types";
import { all, anyWaits, idOf, put, read, told } from "./outbox";
import { inReach, noteAnswer, reached } from "./reach";
import type { Entry } from "./store";
import { t } from "../../locales/kit";

const LONGEST = 60_000; // ms for one entry, a photo by a weak network included
const HOLDS = [401, 408, 425, 429, 500, 502, 503, 504, 507]; // nothing is wrong with the entry

// Said to the window: what became of the changes sent, in sentences.
export const TOLD = "kohlrabi:told";

const waits = (entry: Entry): Problem => ({
  type: "about:blank",
  title: t("sender.hold"),
  status: 424,
  detail: t("sender.dependsChangeNeedsFixing", { what: entry.what }),
  errors: [],
});

let running: Promise<void> | null = null;

// Sends all that waits; once at a time, in whatever tab.
export function sendAll(): Promise<void> {
  running ??= alone(run).finally(() => (running = null));
  return running;
}

export const sending = () => running !== null;

const alone = (act: () => Promise<void>): Promise<void> =>
  navigator.locks
    ? navigator.locks
        .request("kohlrabi outbox", { ifAvailable: true }, async (lock) => lock && (await act()))
        .then(() => undefined)
    : act();

async function run(): Promise<void> {
  const said: string[] = [];
  let sent = 0;
  try {
    await read();
    for (;;) {
      const entry = all().find((one) => !one.refused);
      if (!entry) return;
      const blocked = all().find((one) => one.refused && entry.names.includes(one.reference));
      if (blocked) {
        await put({ ...entry, refused: waits(blocked) });
        continue;
      }
      const answer = await send(entry, all().filter((one) => !one.refused).length > 1);
      if (answer === "hold") return;
      sent += 1;
      if (answer) said.push(answer);
    }
  } finally {
    if (sent > 0) window.dispatchEvent(new CustomEvent(TOLD, { detail: { sent, said } }));
  }
}

// A sentence or nothing where it was taken in, or set aside; "hold" where it must wait.
async function send(entry: Entry, more: boolean): Promise<string | undefined> {
  const response = await post(entry, more);
  if (!response || HOLDS.includes(response.status)) {
    if (response?.status === 401) window.dispatchEvent(new Event(LOCKED));
    return "hold";
  }
  const answer = (await response.json().catch(() => ({}))) as Problem & { id?: number; told?: string };
  if (response.ok) {
    told(entry, answer.id ?? null);
    return answer.told ? `${entry.what}: ${answer.told}` : undefined;
  }
  if (answer.known) {
    told(entry, answer.known.id);
    return undefined;
  }
  if (response.status === 409 || answer.errors?.some((one) => one.code === "other_workshop")) return "hold";
  await put({
    ...entry,
    refused: { ...answer, detail: answer.detail ?? t("sender.couldntSyncError", { status: response.status }) },
  });
  return undefined;
}

// The answer, or null where none came.
async function post(entry: Entry, more: boolean): Promise<Response | null> {
  let { url, body } = entry;
  for (const name of entry.names) {
    const id = String(await idOf(name));
    url = url.replaceAll(name, id);
    if (typeof body === "string") body = body.replaceAll(name, id);
  }
  const headers = {
    "Content-Type": entry.type,
    "Idempotency-Key": entry.key,
    Reference: entry.reference,
    "Happened-At": entry.happenedAt,
    "Sent-At": new Date().toISOString(),
    Workshop: entry.workshop,
    ...(more ? { "More-Follows": "yes" } : {}), // what takes longer is worked out once, after the last
  };
  try {
    const answer = await fetch(url, { method: "POST", headers, body, signal: AbortSignal.timeout(LONGEST) });
    noteAnswer(answer);
    return answer;
  } catch {
    reached(false);
    return null;
  }
}

// Sends by itself what waits, whenever the workshop is in reach again.
export function sendWhenInReach(): void {
  if (inReach() && anyWaits()) void sendAll();
}
