// Inspection, looks and plans.
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, ask } from "../client";
import { useWaiting } from "../device/outbox";
import { withTicks } from "../device/ticks";
import { keysOf } from "../keys";

const key = keysOf("planning");
export const planKey = (id: number) => key("plan", id);

// Looks to begin with; planned on asking, as they are some plans.
export const useStarterLooks = (id: number) =>
  useQuery({
    queryKey: key("starter-looks", id),
    queryFn: () => ask(api.GET("/api/pieces/{id}/starter-looks", { params: { path: { id } } })),
  });

// A plan, with what was ticked and read on this device and is not told yet.
export function usePlan(id: number, enabled = true) {
  const asked = useQuery({
    queryKey: planKey(id),
    queryFn: () => ask(api.GET("/api/pieces/{id}/plan", { params: { path: { id } } })),
    placeholderData: keepPreviousData,
    retry: false,
    enabled,
  });
  const waiting = useWaiting();
  const { data } = asked;
  const plan = useMemo(() => data && withTicks(data, waiting), [data, waiting]);
  return { ...asked, data: plan };
}

export const useCatalogue = () =>
  useQuery({ queryKey: key("catalogue"), queryFn: () => ask(api.GET("/api/catalogue")), staleTime: 60_000 });

export const useSubstitutes = (id: number, product: string | null) =>
  useQuery({
    queryKey: key("substitutes", id, product),
    queryFn: () =>
      ask(api.GET("/api/pieces/{id}/substitutes", { params: { path: { id }, query: { product: product ?? "" } } })),
    enabled: product !== null,
    retry: false,
  });
