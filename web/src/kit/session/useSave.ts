// Saves what a form or a button says: asks the workshop, says what was done, and offers one undo for all that the
// request did.
//
//   const save = useSave();
//   await save(api.POST("/api/people", { body }), `${body.name} added`);
//   const made = await save(api.POST("/api/costs", { body }), (cost) => `${cost.what} recorded`);
import { useCallback } from "react";
import { ask, undoOf } from "../../api/client";
import { useUndo } from "./undo";

type Answer<T> = Promise<{ data?: T; error?: unknown; response: Response }>;

// Throws ProblemError where it is refused; says nothing then.
export function useSave() {
  const { done } = useUndo();
  return useCallback(
    async <T extends object>(request: Answer<T>, say: string | ((made: T) => string)): Promise<T> => {
      const made = await ask(request);
      done(typeof say === "string" ? say : say(made), undoOf(made));
      return made;
    },
    [done],
  );
}
