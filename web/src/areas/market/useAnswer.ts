// Answers an offer; undone, it is open again.
import { api, ask } from "../../api/client";
import { useUndo } from "../../kit/session/undo";

export type Reply = { answer: "open" | "taken" | "countered" | "declined"; counter?: string };

export function useAnswer() {
  const { done } = useUndo();
  return async (id: number, body: Reply, amount: string) => {
    const path = { params: { path: { id } } };
    await ask(api.PATCH("/api/offers/{id}", { ...path, body }));
    done(`Offer of ${amount} ${body.answer}`, () =>
      ask(api.PATCH("/api/offers/{id}", { ...path, body: { answer: "open", counter: "" } })),
    );
  };
}
