// What it came to.
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask } from "../client";
import { keysOf } from "../keys";
import type { ListQuery } from "./flips";

const key = keysOf("books");

export type Lens = { year?: string; view?: "cash" | "full"; hours?: "bench" | "all" };

export type Trait = NonNullable<ListQuery["by"]>;

const kept = { placeholderData: keepPreviousData };

export const useBooks = (lens: Lens) =>
  useQuery({
    queryKey: key("books", lens),
    queryFn: () => ask(api.GET("/api/books", { params: { query: lens } })),
    ...kept,
  });

export const useComparison = (lens: Lens, by: Trait) =>
  useQuery({
    queryKey: key("compare", lens, by),
    queryFn: () => ask(api.GET("/api/books/compare", { params: { query: { ...lens, by } } })),
    ...kept,
  });

export const useSpread = (lens: Lens) =>
  useQuery({
    queryKey: key("spread", lens),
    queryFn: () => ask(api.GET("/api/books/spread", { params: { query: lens } })),
    ...kept,
  });

export const usePassing = (lens: Lens) =>
  useQuery({
    queryKey: key("passing", lens),
    queryFn: () => ask(api.GET("/api/books/passing", { params: { query: lens } })),
    ...kept,
  });

export const useYear = (year: number) =>
  useQuery({
    queryKey: key("year", year),
    queryFn: () => ask(api.GET("/api/years/{year}", { params: { path: { year } } })),
    ...kept,
  });

export const useWithout = (lens: Lens, by: Trait, trait: string | null, filled: number) =>
  useQuery({
    queryKey: key("without", lens, by, trait, filled),
    queryFn: () =>
      ask(api.GET("/api/what-if/without", { params: { query: { ...lens, by, trait: trait ?? "", filled } } })),
    enabled: trait !== null,
    ...kept,
  });

export const useCheaper = (lens: Lens, less: number, quicker: string) =>
  useQuery({
    queryKey: key("cheaper", lens, less, quicker),
    queryFn: () => ask(api.GET("/api/what-if/cheaper", { params: { query: { ...lens, less, quicker } } })),
    ...kept,
  });

export const useSideBySide = (lens: Lens, hands: number) =>
  useQuery({
    queryKey: key("side", lens, hands),
    queryFn: () => ask(api.GET("/api/what-if/side-by-side", { params: { query: { ...lens, hands } } })),
    ...kept,
  });

export function useImportProgress(watching: boolean) {
  const progress = useQuery({
    queryKey: key("import-progress"),
    queryFn: () => ask(api.GET("/api/imports/progress")),
    enabled: watching,
    refetchInterval: 400,
    staleTime: 0,
    gcTime: 0,
  });
  return watching ? progress.data : undefined;
}
