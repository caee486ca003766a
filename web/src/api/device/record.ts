// Something happened: it is sent to the workshop at once, or kept on this device with its moment until the workshop
// is in reach. What waits goes first, so nothing overtakes. Either way it counts once: its reference stays the same.
import { dataOf, LOCKED, newKey, ProblemError, unreachable } from "../client";
import type { Problem } from "../types";
import { add, anyWaits } from "./outbox";
import { inReach, noteAnswer, reached } from "./reach";
import { sendAll } from "./sender";
import { isFull, type Tick, workshop } from "./store";
import { t } from "../../locales/kit";

const PATIENCE = 6000; // ms for an answer while somebody waits for it; a photo gets longer
const PHOTO = 60_000;

export type Fact = {
  what: string; // in words, for the list of what waits
  reference?: string;
  named?: boolean; // whether others may build on it
  names?: string[]; // references of what waits that it builds on
  tick?: Tick;
  ends?: number; // id of a timer of the workshop that it ends
  // What is kept in place of the request, where that would make no sense later.
  instead?: { url: string; body: object };
  // Fields that say today: later that is another day, and the moment says it.
  today?: string[];
};
export type How = { fetch: (request: Request) => Promise<Response>; headers: Record<string, string> };
export type Sent<T> = Promise<{ data?: T; error?: unknown; response: Response }>;

const full: Problem = {
  ...unreachable,
  status: 507,
  title: t("record.storageFull"),
  detail: t("record.savedOfflineDevicesStorage"),
};

// send: asks the workshop, in the given way. Returns its answer, or null where it is kept here. Throws ProblemError
// where it was refused, or there is no room to keep it.
export async function record<T>(fact: Fact, send: (how: How) => Sent<T>): Promise<T | null> {
  const reference = fact.reference ?? newKey();
  const happenedAt = new Date().toISOString();
  let kept = false;
  const keep = async (request: Request): Promise<Response> => {
    await add({
      workshop: workshop(),
      reference,
      key: newKey(), // what is kept may be worded otherwise than what was tried
      happenedAt,
      named: fact.named,
      names: fact.names ?? [],
      what: fact.what,
      tick: fact.tick,
      ends: fact.ends,
      ...(await wording(request, fact)),
    });
    kept = true;
    return new Response("{}", { status: 202, headers: { "Content-Type": "application/json" } });
  };
  const how: How = {
    headers: { Reference: reference },
    fetch: async (request) => {
      if (!inReach() || anyWaits() || (fact.names?.length ?? 0) > 0) return keep(request);
      try {
        const wait = request.headers.get("Content-Type")?.includes("json") ? PATIENCE : PHOTO;
        const now = new Request(request.clone(), { signal: AbortSignal.timeout(wait) });
        now.headers.set("Sent-At", new Date().toISOString()); // this device's clock may be wrong
        const answer = await fetch(now);
        noteAnswer(answer);
        if (answer.status !== 401) return answer;
        window.dispatchEvent(new Event(LOCKED)); // asked for again: what was typed waits until it is given
        return keep(request);
      } catch {
        reached(false);
        return keep(request);
      }
    },
  };
  const { data, error, response } = await send(how).catch((thrown: unknown) => {
    throw new ProblemError(isFull(thrown) ? full : unreachable);
  });
  if (kept) {
    if (inReach()) void sendAll();
    return null;
  }
  if (response.ok) return dataOf({ data, response });
  throw new ProblemError(
    (error as Problem | undefined)?.detail ? (error as Problem) : { ...unreachable, status: response.status },
  );
}

// What is kept of a request.
async function wording(request: Request, fact: Fact) {
  if (fact.instead) return { url: fact.instead.url, type: "application/json", body: JSON.stringify(fact.instead.body) };
  const type = request.headers.get("Content-Type") ?? "application/json";
  const url = request.url.replace(location.origin, "");
  if (!type.includes("json")) return { url, type, body: await request.blob() };
  const body = JSON.parse(await request.text()) as Record<string, unknown>;
  fact.today?.forEach((field) => delete body[field]);
  return { url, type, body: JSON.stringify(body) };
}
