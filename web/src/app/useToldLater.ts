// Says what came of what had waited on this device, once the workshop was told.
import { useEffect } from "react";
import { TOLD } from "../api/device/sender";
import { useUndo } from "../kit/session/undo";

type Told = { sent: number; said: string[] };

export function useToldLater(): void {
  const { done } = useUndo();
  useEffect(() => {
    const say = (event: Event) => {
      const { sent, said } = (event as CustomEvent<Told>).detail;
      done([`${sent === 1 ? "1 thing" : `${sent} things`} told to the workshop`, ...said].join(". "));
    };
    window.addEventListener(TOLD, say);
    return () => window.removeEventListener(TOLD, say);
  }, [done]);
}
