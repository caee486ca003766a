// What it came to.
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask } from "../client";
import { keysOf } from "../keys";
import type { ListQuery } from "./flips";

const key = keysOf("books");

export type BooksFilter = { year?: string; view?: "cash" | "full"; hours?: "bench" | "all" };

export type Trait = NonNullable<ListQuery["by"]>;

const kept = { placeholderData: keepPreviousData };

export const useBooks = (filter: BooksFilter) =>
  useQuery({
    queryKey: key("books", filter),
    queryFn: () => ask(api.GET("/api/books", { params: { query: filter } })),
    ...kept,
  });

export const useComparison = (filter: BooksFilter, by: Trait) =>
  useQuery({
    queryKey: key("compare", filter, by),
    queryFn: () => ask(api.GET("/api/books/compare", { params: { query: { ...filter, by } } })),
    ...kept,
  });

export const useSpread = (filter: BooksFilter) =>
  useQuery({
    queryKey: key("spread", filter),
    queryFn: () => ask(api.GET("/api/books/spread", { params: { query: filter } })),
    ...kept,
  });

export const useTimeInStage = (filter: BooksFilter) =>
  useQuery({
    queryKey: key("passing", filter),
    queryFn: () => ask(api.GET("/api/books/passing", { params: { query: filter } })),
    ...kept,
  });

export const useYear = (year: number) =>
  useQuery({
    queryKey: key("year", year),
    queryFn: () => ask(api.GET("/api/years/{year}", { params: { path: { year } } })),
    ...kept,
  });

export const useWithout = (filter: BooksFilter, by: Trait, trait: string | null, filled: number) =>
  useQuery({
    queryKey: key("without", filter, by, trait, filled),
    queryFn: () =>
      ask(api.GET("/api/what-if/without", { params: { query: { ...filter, by, trait: trait ?? "", filled } } })),
    enabled: trait !== null,
    ...kept,
  });

export const useCheaper = (filter: BooksFilter, less: number, quicker: string) =>
  useQuery({
    queryKey: key("cheaper", filter, less, quicker),
    queryFn: () =>
      ask(api.GET("/api/what-if/cheaper", { params: { query: { ...filter, less, ...(quicker ? { quicker } : {}) } } })),
    ...kept,
  });

export const useSideBySide = (filter: BooksFilter, hands: number) =>
  useQuery({
    queryKey: key("side", filter, hands),
    queryFn: () => ask(api.GET("/api/what-if/side-by-side", { params: { query: { ...filter, hands } } })),
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
