// Recorded afterwards: a step and all before it are done; one undo opens them again.
import { api, ask, undoOf } from "../../api/client";
import { useUndo } from "../../kit/session/undo";
import { t } from "../../locales/planning";

export function useDoneUpTo(piece: number) {
  const { done, failed } = useUndo();
  const path = { params: { path: { id: piece } } };
  const finish = async (step: string, label: string) => {
    const made = await ask(api.POST("/api/pieces/{id}/steps/done-up-to", { ...path, body: { step } }));
    const count = made.steps.length;
    done(t("useDoneUpTo.stepsDoneUp", { count, label }), undoOf(made));
  };
  return (step: string, label: string) => void finish(step, label).catch(failed);
}
