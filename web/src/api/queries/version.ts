// Whether anything was written by anybody: asked for every few seconds while the page is in view. What one device
// changes shows on the other that way; and it tells whether the workshop is in reach.
import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { api, ask } from "../client";
import { inReach, subscribe, writtenHere } from "../device/reach";
import { sending, sendWhenInReach } from "../device/sender";
import { nowIn, workshop } from "../device/store";
import { read } from "../device/outbox";

const EVERY = 4000; // ms

export function useVersion(): void {
  const client = useQueryClient();
  useEffect(() => {
    let last: string | null = null;
    let away = false; // whether something had no answer since
    const stop = subscribe(() => (away ||= !inReach()));
    const look = async () => {
      if (document.visibilityState === "hidden") return;
      const answer = await ask(api.GET("/api/version")).catch(() => null);
      if (!answer) return;
      await settle(answer.workshop);
      // What this page wrote itself, it has asked again for already; while it tells what waited, it will when that is
      // done.
      const here = answer.version === writtenHere() || sending();
      if (away || (last !== null && answer.version !== last && !here)) void client.invalidateQueries();
      away = false;
      last = answer.version;
      sendWhenInReach();
    };
    const now = () => void look();
    now();
    const timer = setInterval(now, EVERY);
    window.addEventListener("online", now);
    document.addEventListener("visibilitychange", now);
    return () => {
      stop();
      clearInterval(timer);
      window.removeEventListener("online", now);
      document.removeEventListener("visibilitychange", now);
    };
  }, [client]);
}

// Another workshop answers at this address than the one whose data is shown: what is shown is thrown away.
async function settle(uuid: string): Promise<void> {
  const before = workshop();
  if (before === uuid) return;
  nowIn(uuid);
  await read();
  if (before !== "") window.location.reload();
}
