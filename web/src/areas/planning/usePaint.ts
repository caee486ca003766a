// Sets the finish of zones; one undo brings back what they had.
import { api, ask, undoOf } from "../../api/client";
import type { Look, ZonesInput } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { withChanges } from "../../kit/withChanges";

export function usePaint(look: Look) {
  const { done } = useUndo();
  const path = { params: { path: { id: look.id } } };

  // Returns what the change costs, in sentences.
  const paint = async (zones: string[], body: Omit<ZonesInput, "zones">, message: string) => {
    const made = await ask(api.PUT("/api/looks/{id}/zones", { ...path, body: { zones, ...body } }));
    done(withChanges(message, made.changes), undoOf(made));
    return made.changes;
  };
  return { paint };
}
