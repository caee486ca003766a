// What runs: asked for by every screen, so apart from Today, which plans the whole bench. Timers that this device
// runs by itself are among them, and those that it stopped are not, though the workshop does not know yet.
import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo } from "react";
import { api, ask } from "../client";
import { useWaiting } from "../device/outbox";
import { asTimer, forget, type OwnTimer, useOwnTimers } from "../device/ownTimers";
import type { Entry } from "../device/store";
import { keysOf } from "../keys";
import type { Timer } from "../types";

const key = keysOf("bench");
const OLD = 90_000; // ms after which a count is carried on from when it was made

export function useTimers() {
  const asked = useQuery({
    queryKey: key("timers"),
    queryFn: () => ask(api.GET("/api/timers")).then((answer) => answer.timers),
    refetchInterval: 60_000,
  });
  const own = useOwnTimers();
  const waiting = useWaiting();
  const { data, dataUpdatedAt } = asked;
  // The workshop runs it, though its answer was lost: it is the same one.
  useEffect(() => {
    const theirs = new Set(data?.map((timer) => timer.reference));
    own.filter((timer) => theirs.has(timer.begunAs)).forEach((timer) => forget(timer.id));
  }, [data, own]);
  const timers = useMemo(() => data && merged(data, dataUpdatedAt, own, waiting), [data, dataUpdatedAt, own, waiting]);
  return { ...asked, data: timers };
}

function merged(data: Timer[], counted: number, own: OwnTimer[], waiting: Entry[]): Timer[] {
  const ended = new Set(waiting.map((entry) => entry.ends));
  const now = Date.now();
  const late = now - counted > OLD ? Math.floor((now - counted) / 1000) : 0;
  const theirs = data
    .filter((timer) => !ended.has(timer.id))
    .map((timer) =>
      late ? { ...timer, elapsed: { text: "", seconds: (timer.elapsed?.seconds ?? 0) + late } } : timer,
    );
  return [...theirs, ...own.map((timer) => asTimer(timer, now))];
}
