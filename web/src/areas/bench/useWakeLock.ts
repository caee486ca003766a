// Keeps the screen awake while the page is in view, where the browser can.
import { useEffect } from "react";

export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const hold = async () => {
      if (document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
      const held = await navigator.wakeLock.request("screen").catch(() => null);
      if (gone) await held?.release();
      else lock = held;
    };
    const again = () => void hold(); // it is lost whenever the page is out of view
    again();
    document.addEventListener("visibilitychange", again);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", again);
      void lock?.release();
    };
  }, []);
}
