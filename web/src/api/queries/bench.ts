// Today, the schedule, the climate.
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, ask } from "../client";
import { useWaiting } from "../device/outbox";
import { withoutTicked } from "../device/ticks";
import { keysOf } from "../keys";

const key = keysOf("bench");

export type AtHand = { minutes?: number; person?: number };

export function useToday(given: AtHand = {}) {
  const asked = useQuery({
    queryKey: key("today", given),
    queryFn: () => ask(api.GET("/api/today", { params: { query: given } })),
    placeholderData: keepPreviousData,
    refetchInterval: 60_000,
  });
  const waiting = useWaiting();
  const { data } = asked;
  const today = useMemo(() => data && withoutTicked(data, waiting), [data, waiting]);
  return { ...asked, data: today };
}

export const useSchedule = (from?: string) =>
  useQuery({
    queryKey: key("schedule", from),
    queryFn: () => ask(api.GET("/api/schedule", { params: { query: from ? { from } : {} } })),
    placeholderData: keepPreviousData,
  });

export const useClimate = (given: { air: string; humidity: string; surface: string }) =>
  useQuery({
    queryKey: key("climate", given),
    queryFn: () => {
      const { surface, ...rest } = given;
      return ask(api.GET("/api/read/climate", { params: { query: surface ? given : rest } }));
    },
    enabled: given.air !== "" && given.humidity !== "",
    placeholderData: keepPreviousData,
    retry: false,
  });
