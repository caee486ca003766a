// House rules, people, who is let in.
import { useQuery } from "@tanstack/react-query";
import { api, ask } from "../client";
import { keysOf } from "../keys";

const key = keysOf("house");

// House rules, lists and today's date: looked up anew each minute, for the date changes while a page stands open.
export const useWorkshop = () =>
  useQuery({
    queryKey: key("workshop"),
    queryFn: () => ask(api.GET("/api/workshop")),
    staleTime: 60_000,
    refetchInterval: 60_000,
  });

export const useWeek = (id: number) =>
  useQuery({
    queryKey: key("week", id),
    queryFn: () => ask(api.GET("/api/people/{id}/week", { params: { path: { id } } })),
  });

export const useAccess = () => useQuery({ queryKey: key("access"), queryFn: () => ask(api.GET("/api/session")) });
