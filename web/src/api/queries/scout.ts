// Spotted pieces.
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask } from "../client";
import { keysOf } from "../keys";
import type { ProspectInput } from "../types";

const key = keysOf("scout");

export const useProspects = (view: "open" | "closed", page: number, query: string) =>
  useQuery({
    queryKey: key("prospects", view, page, query),
    queryFn: () => ask(api.GET("/api/prospects", { params: { query: { view, page, ...(query ? { query } : {}) } } })),
    placeholderData: keepPreviousData,
  });

export const useProspect = (id: number) =>
  useQuery({
    queryKey: key("prospect", id),
    queryFn: () => ask(api.GET("/api/prospects/{id}", { params: { path: { id } } })),
    retry: false,
  });

// What has been typed so far, answered and not stored.
export const useAnswer = (given: ProspectInput, enabled: boolean) =>
  useQuery({
    queryKey: key("answer", given),
    queryFn: () => ask(api.POST("/api/prospects/answer", { body: given })),
    placeholderData: keepPreviousData,
    enabled,
    retry: false,
    staleTime: 10_000,
  });

export const useScoutCard = () => useQuery({ queryKey: key("card"), queryFn: () => ask(api.GET("/api/scout/card")) });

export const useScoutRecord = () =>
  useQuery({ queryKey: key("record"), queryFn: () => ask(api.GET("/api/scout/record")) });
