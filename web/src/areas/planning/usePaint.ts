// Sets the finish of zones; one undo brings back what they had.
import { api } from "../../api/client";
import type { Look, ZonesInput } from "../../api/types";
import { withChanges } from "../../kit/withChanges";
import { useSave } from "../../kit/session/useSave";

export function usePaint(look: Look) {
  const save = useSave();
  const path = { params: { path: { id: look.id } } };

  // Returns what the change costs, in sentences.
  const paint = async (zones: string[], body: Omit<ZonesInput, "zones">, message: string) => {
    const made = await save(api.PUT("/api/looks/{id}/zones", { ...path, body: { zones, ...body } }), (made) =>
      withChanges(message, made.changes),
    );
    return made.changes;
  };
  return { paint };
}
