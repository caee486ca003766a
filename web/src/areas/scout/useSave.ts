// Saves what was changed of a spotted piece, and only that. Where another tab saved first, says what it changed; saving
// again then keeps both.
import { useRef } from "react";
import { api, ask, ProblemError } from "../../api/client";
import type { Prospect } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { type Given, givenOf } from "./given";

const differing = (one: Given, other: Given) =>
  (Object.keys(one) as (keyof Given)[]).filter((name) => JSON.stringify(one[name]) !== JSON.stringify(other[name]));
const pick = (given: Given, names: (keyof Given)[]) => Object.fromEntries(names.map((name) => [name, given[name]]));

// opened: the version the form began with, or null while nothing is edited.
export function useSave(opened: Prospect | null) {
  const { done } = useUndo();
  const seen = useRef<Prospect | null>(null); // the latest version the person was told of
  return async (given: Given) => {
    if (!opened || opened.id === null) return;
    const path = { params: { path: { id: opened.id } } };
    const before = givenOf(opened);
    const changed = differing(given, before);
    const version = (seen.current?.id === opened.id ? seen.current : opened).lock_version;
    try {
      const saved = await ask(
        api.PATCH("/api/prospects/{id}", { ...path, body: { ...pick(given, changed), lock_version: version } }),
      );
      seen.current = null;
      done(`${saved.title} saved`, () =>
        ask(
          api.PATCH("/api/prospects/{id}", {
            ...path,
            body: { ...pick(before, changed), lock_version: saved.lock_version },
          }),
        ),
      );
    } catch (error) {
      if (!(error instanceof ProblemError) || error.problem.status !== 409) throw error;
      const theirs = error.problem.current as unknown as Prospect;
      seen.current = theirs;
      const names = differing(givenOf(theirs), before).map((name) => name.replaceAll("_", " "));
      const detail = `This was changed in another tab meanwhile: ${names.join(", ") || "nothing that shows"}. Save again to keep both; where both changed the same, yours stands.`;
      throw new ProblemError({ ...error.problem, detail });
    }
  };
}
