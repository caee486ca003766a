// Pieces, and however they came and go.
import { keepPreviousData, useQueries, useQuery } from "@tanstack/react-query";
import { api, ask } from "../client";
import { keysOf } from "../keys";
import type { operations } from "../schema";

const key = keysOf("flips");
// For who looks up what was loaded already.
export const pieceKey = (id: number) => key("piece", id);

export type ListQuery = NonNullable<operations["listPieces"]["parameters"]["query"]>;

export const usePiece = (id: number, enabled = true) =>
  useQuery({
    enabled,
    queryKey: pieceKey(id),
    queryFn: () => ask(api.GET("/api/pieces/{id}", { params: { path: { id } } })),
    retry: false,
  });

export const usePieces = (query: ListQuery) =>
  useQuery({
    queryKey: key("pieces", query),
    queryFn: () => ask(api.GET("/api/pieces", { params: { query } })),
    placeholderData: keepPreviousData,
  });

export const useSearch = (query: string) =>
  useQuery({
    queryKey: key("search", query),
    queryFn: () => ask(api.GET("/api/search", { params: { query: { query } } })),
    enabled: query.trim().length > 0,
    placeholderData: keepPreviousData,
  });

export const useFind = (query: string) =>
  useQuery({
    queryKey: key("find", query),
    queryFn: () => ask(api.GET("/api/find", { params: { query: { query } } })),
    enabled: query.trim().length > 0,
    placeholderData: keepPreviousData,
  });

export const useLots = (page: number) =>
  useQuery({
    queryKey: key("lots", page),
    queryFn: () => ask(api.GET("/api/lots", { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });

export const useLot = (id: number) =>
  useQuery({
    queryKey: key("lot", id),
    queryFn: () => ask(api.GET("/api/lots/{id}", { params: { path: { id } } })),
    retry: false,
  });

export const useTrips = (page: number) =>
  useQuery({
    queryKey: key("trips", page),
    queryFn: () => ask(api.GET("/api/trips", { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });

export const useSets = (page: number) =>
  useQuery({
    queryKey: key("sets", page),
    queryFn: () => ask(api.GET("/api/sets", { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });

export const useSet = (id: number) =>
  useQuery({
    queryKey: key("set", id),
    queryFn: () => ask(api.GET("/api/sets/{id}", { params: { path: { id } } })),
    retry: false,
  });

export const useSetPlan = (id: number) =>
  useQuery({
    queryKey: key("set-plan", id),
    queryFn: () => ask(api.GET("/api/sets/{id}/plan", { params: { path: { id } } })),
    retry: false,
  });

export const useDiary = (id: number, enabled: boolean) =>
  useQuery({
    queryKey: key("diary", id),
    queryFn: () => ask(api.GET("/api/pieces/{id}/diary", { params: { path: { id } } })),
    enabled,
  });

// Pieces in hand just like those named, each once.
export function useMates(ids: number[]) {
  const pieces = useQueries({
    queries: ids.slice(0, 5).map((id) => ({
      queryKey: pieceKey(id),
      queryFn: () => ask(api.GET("/api/pieces/{id}", { params: { path: { id } } })),
      staleTime: 30_000,
      retry: false,
    })),
  });
  const mates = pieces.flatMap((piece) => piece.data?.mates ?? []);
  return mates.filter((mate, place) => mates.findIndex((other) => other.id === mate.id) === place);
}

// Pieces that may have been worked on today, last used first, and shops of earlier receipts.
export const useDayOffers = () =>
  useQuery({ queryKey: key("day-offers"), queryFn: () => ask(api.GET("/api/days/offers")) });

// Open steps that hours without a step may have finished.
export const useDoneWith = (pieces: number[], kind: string, effort: string) =>
  useQuery({
    queryKey: key("done-with", pieces, kind, effort),
    queryFn: () => ask(api.GET("/api/done-with", { params: { query: { pieces: pieces.join(), kind, effort } } })),
    enabled: pieces.length > 0 && kind !== "" && effort !== "",
    placeholderData: keepPreviousData,
    retry: false,
  });

// What pieces still have to buy that a cost may cover.
export const useStillToBuy = (pieces: number[], what: string, category: string) =>
  useQuery({
    queryKey: key("still-to-buy", pieces, what, category),
    queryFn: () => ask(api.GET("/api/still-to-buy", { params: { query: { pieces: pieces.join(), what, category } } })),
    enabled: pieces.length > 0 && what !== "",
    placeholderData: keepPreviousData,
    retry: false,
  });

// What a cost is for, guessed from its words.
export const useCategory = (what: string) =>
  useQuery({
    queryKey: key("category", what),
    queryFn: () => ask(api.GET("/api/read/category", { params: { query: { what } } })),
    enabled: what.trim() !== "",
    staleTime: Infinity,
  });
