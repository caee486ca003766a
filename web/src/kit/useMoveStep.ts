// Moves a step to another day, or back; says what that does to the days on which pieces are ready.
import { useCallback } from "react";
import { api } from "../api/client";
import { useUndo } from "./session/undo";
import { useSave } from "./session/useSave";
import { t } from "../locales/kit";

export type Moved = { piece_id: number; step: string; label: string; day: string };

export function useMoveStep() {
  const save = useSave();
  const { failed } = useUndo();
  return useCallback(
    async ({ piece_id, step, label, day }: Moved) => {
      try {
        await save(
          api.PUT("/api/schedule/moves", { body: { steps: [{ piece_id, step }], day } }),
          (told) =>
            `${day ? t("useMoveStep.moved") : t("useMoveStep.backPlannedTime")}: ${label}. ${told.changes.join(" ")}`,
        );
      } catch (error) {
        failed(error);
      }
    },
    [save, failed],
  );
}
