// Saves a house rule, undoable; whether another tab changed the rules meanwhile.
import { useState } from "react";
import { api, ask, ProblemError } from "../../api/client";
import { useKeepWorkshop, useWorkshop } from "../../api/queries";
import { useUndo } from "../../kit/session/undo";
import type { RuleSpec } from "./Rule";
import { t } from "../../locales/house";

export function useSaveRule() {
  const workshop = useWorkshop();
  const keep = useKeepWorkshop();
  const { done } = useUndo();
  const [clash, setClash] = useState(false);
  const save = async (rule: RuleSpec, value: string) => {
    try {
      const lock_version = workshop.data?.lock_version ?? 0;
      const saved = await ask(api.PATCH("/api/workshop", { body: { lock_version, [rule.name]: value } })).then(keep);
      done(t("useSaveRule.saved", { rule: rule.label }), () =>
        ask(api.PATCH("/api/workshop", { body: { lock_version: saved.lock_version, [rule.name]: rule.value } })),
      );
      setClash(false);
    } catch (error) {
      if (error instanceof ProblemError && error.problem.status === 409) {
        setClash(true);
        await workshop.refetch();
      }
      throw error;
    }
  };
  return [save, clash] as const;
}
