// House rules, people, who is let in.
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { api, ask } from "../client";
import { keysOf } from "../keys";
import type { Workshop } from "../types";

const key = keysOf("house");
export const workshopKey = key("workshop");

// House rules, lists and today's date: looked up again each minute, for the date changes while a page stands open.
export const useWorkshop = () =>
  useQuery({
    queryKey: workshopKey,
    queryFn: () => ask(api.GET("/api/workshop")),
    staleTime: 60_000,
    refetchInterval: 60_000,
  });

// Puts the rules as they were just saved in place of those read before: the next change is made to them, and not to
// what is still on its way.
export const useKeepWorkshop = () => {
  const client = useQueryClient();
  return async (saved: Workshop) => {
    await client.cancelQueries({ queryKey: workshopKey });
    client.setQueryData(workshopKey, saved);
    return saved;
  };
};

export const useWeek = (id: number) =>
  useQuery({
    queryKey: key("week", id),
    queryFn: () => ask(api.GET("/api/people/{id}/week", { params: { path: { id } } })),
  });

export const useAccess = () => useQuery({ queryKey: key("access"), queryFn: () => ask(api.GET("/api/session")) });
