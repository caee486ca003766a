// What was typed into a form and not saved yet, kept on this device for a day: a reload, or a phone that throws the
// page away, loses nothing of it. By workshop, page and form.
import { workshop } from "./store";

const PREFIX = "draft ";
const KEPT_FOR = 86_400_000; // ms
type Kept = { at: number; value: unknown };

export const draftKey = (form: string) => `${PREFIX}${workshop()} ${window.location.pathname} ${form}`;

const all = () => Object.keys(localStorage).filter((key) => key.startsWith(PREFIX));
const read = (key: string) => JSON.parse(localStorage.getItem(key) ?? "null") as Kept | null;

export const draftOf = (key: string): unknown => read(key)?.value ?? null;

export function keepDraft(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, JSON.stringify({ at: Date.now(), value } satisfies Kept));
  } catch {
    // No room for it: it stays on the page, as without drafts.
  }
}

export const dropDraft = (key: string) => localStorage.removeItem(key);
export const dropDrafts = () => all().forEach(dropDraft);

for (const key of all()) if (Date.now() - (read(key)?.at ?? 0) > KEPT_FOR) dropDraft(key);
