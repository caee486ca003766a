// Inspection, looks and plans.
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask } from "../client";
import { keysOf } from "../keys";

const key = keysOf("planning");

// Looks to begin with; planned on asking, as they are some plans.
export const useStarterLooks = (id: number) =>
  useQuery({
    queryKey: key("starter-looks", id),
    queryFn: () => ask(api.GET("/api/pieces/{id}/starter-looks", { params: { path: { id } } })),
  });

export const usePlan = (id: number, enabled = true) =>
  useQuery({
    queryKey: key("plan", id),
    queryFn: () => ask(api.GET("/api/pieces/{id}/plan", { params: { path: { id } } })),
    placeholderData: keepPreviousData,
    retry: false,
    enabled,
  });

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
