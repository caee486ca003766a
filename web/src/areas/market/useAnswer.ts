// Answers an offer; undone, it is open again.
import { api } from "../../api/client";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/market";

export type Reply = { answer: "open" | "taken" | "countered" | "declined"; counter?: string };

export function useAnswer() {
  const save = useSave();
  return async (id: number, body: Reply, amount: string) => {
    const path = { params: { path: { id } } };
    await save(api.PATCH("/api/offers/{id}", { ...path, body }), t("useAnswer.offer", { amount, answer: body.answer }));
  };
}
