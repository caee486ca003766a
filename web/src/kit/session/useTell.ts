// Tells the workshop what happened, now or when it is in reach again, and says which.
import { useCallback } from "react";
import { newKey } from "../../api/client";
import { dropNamed } from "../../api/device/outbox";
import { type Fact, type How, record, type Sent } from "../../api/device/record";
import { useUndo } from "./undo";
import { t } from "../../locales/kit";

// made: what to do with the answer, where one came. Returns it, or null where it is kept on this device.
export function useTell() {
  const { done } = useUndo();
  return useCallback(
    async <T>(fact: Fact, send: (how: How) => Sent<T>, made: (answer: T) => void): Promise<T | null> => {
      const reference = fact.reference ?? newKey();
      const answer = await record({ ...fact, reference }, send);
      if (answer !== null) made(answer);
      else done(t("useTell.savedDevice", { what: fact.what }), () => dropNamed(reference));
      return answer;
    },
    [done],
  );
}
