// Ticks a step, now or when the workshop is in reach again; and has a caution read.
import { useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { api, ask } from "../../api/client";
import { devicePerson } from "./person";
import { useUndo } from "./undo";
import { useTell } from "./useTell";
import { t } from "../../locales/kit";

type Step = { key: string; label: string };

// Returns what to do now that it was done although it should not have been, or null.
export function useTick(piece: number) {
  const { done } = useUndo();
  const tell = useTell();
  return useCallback(
    async (step: Step, zones?: string[]) => {
      const path = { params: { path: { id: piece } } };
      const body = { step: step.key, ...(zones ? { zones } : {}) };
      const answer = await tell(
        { what: t("useTick.done", { step: step.label }), ...(zones ? {} : { tick: { piece, step: step.key } }) },
        (how) => api.POST("/api/pieces/{id}/steps/done", { ...path, body: { ...body, ...devicePerson() }, ...how }),
        () =>
          done(t("useTick.done", { step: step.label }), () =>
            ask(api.POST("/api/pieces/{id}/steps/open", { ...path, body })),
          ),
      );
      return answer?.now ?? null;
    },
    [done, piece, tell],
  );
}

export function useConfirm(piece: number) {
  const tell = useTell();
  const client = useQueryClient();
  return useCallback(
    (caution: string, then: () => void) =>
      tell(
        { what: t("useTick.cautionRead"), tick: { piece, caution } },
        (how) =>
          api.POST("/api/pieces/{id}/confirmations", { params: { path: { id: piece } }, body: { caution }, ...how }),
        () => {
          then();
          void client.invalidateQueries();
        },
      ),
    [client, piece, tell],
  );
}
