// What the screens ask for. Every change makes all of it ask anew: a cost on one piece moves Books, Floor and Today.
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask } from "./client";
import type { operations } from "./schema";

export type ListQuery = NonNullable<operations["listPieces"]["parameters"]["query"]>;

export const useWorkshop = () => useQuery({ queryKey: ["workshop"], queryFn: () => ask(api.GET("/api/workshop")), staleTime: 60_000 });

export const useToday = () => useQuery({ queryKey: ["today"], queryFn: () => ask(api.GET("/api/today")), refetchInterval: 60_000 });

export const usePiece = (id: number) =>
  useQuery({
    queryKey: ["piece", id],
    queryFn: () => ask(api.GET("/api/pieces/{id}", { params: { path: { id } } })),
    retry: false,
  });

export const usePieces = (query: ListQuery) =>
  useQuery({
    queryKey: ["pieces", query],
    queryFn: () => ask(api.GET("/api/pieces", { params: { query } })),
    placeholderData: keepPreviousData,
  });

export const useBooks = (year?: string) =>
  useQuery({
    queryKey: ["books", year],
    queryFn: () => ask(api.GET("/api/books", { params: { query: year ? { year } : {} } })),
    placeholderData: keepPreviousData,
  });

export const useFind = (query: string) =>
  useQuery({
    queryKey: ["find", query],
    queryFn: () => ask(api.GET("/api/find", { params: { query: { query } } })),
    enabled: query.trim().length > 0,
    placeholderData: keepPreviousData,
  });
