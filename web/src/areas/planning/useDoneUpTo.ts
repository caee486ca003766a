// Written down afterwards: a step and all before it are done; undone again step by step, the last first.
import { api, ask } from "../../api/client";
import { useUndo } from "../../kit/session/undo";

export function useDoneUpTo(piece: number) {
  const { done, failed } = useUndo();
  const path = { params: { path: { id: piece } } };
  const finish = async (step: string, label: string) => {
    const { steps } = await ask(api.POST("/api/pieces/{id}/steps/done-up-to", { ...path, body: { step } }));
    done(`${steps.length} ${steps.length === 1 ? "step" : "steps"} done, up to ${label}`, async () => {
      for (const body of steps.reverse()) await ask(api.POST("/api/pieces/{id}/steps/open", { ...path, body }));
    });
  };
  return (step: string, label: string) => void finish(step, label).catch(failed);
}
