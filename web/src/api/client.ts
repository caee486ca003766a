// Speaks to the server by the contract. A POST carries a key of its own, so that a repeat after a lost answer
// counts once; an answer that is not good becomes a ProblemError with the server's words.
import createClient from "openapi-fetch";
import { inReach, noteAnswer, noteSilence, reached } from "./device/reach";
import type { paths } from "./schema";
import type { Problem } from "./types";
import { t } from "../locales/kit";

export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }

  // Whether this is what is wrong: by its stable code, not by its words.
  is(code: string): boolean {
    return this.problem.errors.some((error) => error.code === code);
  }

  // What is wrong, by field.
  get fields(): Record<string, string> {
    return Object.fromEntries(this.problem.errors.filter((e) => e.field).map((e) => [e.field as string, e.message]));
  }
}

const AGAIN = [400, 1500]; // ms to wait before asking again when no answer came
const PATIENCE = 30_000; // ms for what is only looked at

// Asks, and asks again; not where the workshop is known to be offline: what was seen last stands in then.
async function persistentFetch(request: Request): Promise<Response> {
  const reading = request.method === "GET";
  const once = (given: Request) => (reading ? fetch(given, { signal: AbortSignal.timeout(PATIENCE) }) : fetch(given));
  try {
    for (const wait of inReach() ? AGAIN : []) {
      try {
        return await answered(once(request.clone()));
      } catch {
        noteSilence();
        await new Promise((resolve) => setTimeout(resolve, wait));
      }
    }
    return await answered(once(request));
  } catch (error) {
    reached(false);
    throw error;
  }
}

async function answered(asked: Promise<Response>): Promise<Response> {
  const answer = await asked;
  noteAnswer(answer);
  return answer;
}

// 128 random bits, as text: names a request, or something noted on this device.
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
}

export const api = createClient<paths>({ fetch: persistentFetch });

api.use({
  onRequest({ request }) {
    if (request.method === "POST" && !request.headers.has("Idempotency-Key"))
      request.headers.set("Idempotency-Key", newKey());
    return request;
  },
});

// Told to the window when the server asks for the passcode; app/Gate listens.
export const LOCKED = "kohlrabi:locked";

export const unreachable: Problem = {
  type: "about:blank",
  title: t("client.connection"),
  status: 503,
  detail: t("client.cantReachCheckRunning"),
  errors: [],
};

// Whether there was no answer at all.
export const isUnreachable = (error: unknown) => error instanceof ProblemError && error.problem.status === 503;

// Ids of the acts by which answers can be undone, by the answer.
const acts = new WeakMap<object, string>();

// Undoes all that the request did that was answered so, with one request.
export function undoOf(answer: object): (() => Promise<unknown>) | undefined {
  const id = acts.get(answer);
  return id === undefined
    ? undefined
    : () => ask(api.POST("/api/acts/{id}/undo", { params: { path: { id: Number(id) } } }));
}

// The data of an answer; remembers by which act it can be undone.
export function dataOf<T>({ data, response }: { data?: T; response: Response }): T {
  const act = response.headers.get("Act");
  if (act && typeof data === "object" && data) acts.set(data, act);
  return data as T;
}

// Waits for an answer and returns its data, or throws ProblemError.
export async function ask<T>(answer: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let settled;
  try {
    settled = await answer;
  } catch {
    throw new ProblemError(unreachable);
  }
  if (settled.response.ok) return dataOf(settled);
  if (settled.response.status === 401) window.dispatchEvent(new Event(LOCKED));
  const problem = settled.error as Problem | undefined;
  throw new ProblemError(
    problem?.detail
      ? problem
      : {
          ...unreachable,
          status: settled.response.status,
          detail: t("client.somethingWentWrongError", { status: settled.response.status }),
        },
  );
}
