// What the screens ask for. Every change makes all of it ask anew: a cost on one piece moves Books, Floor and Today.
import { keepPreviousData, useQueries, useQuery } from "@tanstack/react-query";
import { api, ask } from "./client";
import type { operations } from "./schema";
import type { ProspectInput } from "./types";

export type ListQuery = NonNullable<operations["listPieces"]["parameters"]["query"]>;

// House rules, lists and today's date: looked up anew each minute, for the date changes while a page stands open.
export const useWorkshop = () =>
  useQuery({ queryKey: ["workshop"], queryFn: () => ask(api.GET("/api/workshop")), staleTime: 60_000, refetchInterval: 60_000 });

export type AtHand = { minutes?: number; person?: number };
export const useToday = (given: AtHand = {}) =>
  useQuery({
    queryKey: ["today", given],
    queryFn: () => ask(api.GET("/api/today", { params: { query: given } })),
    placeholderData: keepPreviousData,
    refetchInterval: 60_000,
  });

export const useSchedule = (from?: string) =>
  useQuery({
    queryKey: ["schedule", from],
    queryFn: () => ask(api.GET("/api/schedule", { params: { query: from ? { from } : {} } })),
    placeholderData: keepPreviousData,
  });

export const useWeek = (id: number) =>
  useQuery({ queryKey: ["week", id], queryFn: () => ask(api.GET("/api/people/{id}/week", { params: { path: { id } } })) });

export const usePiece = (id: number, enabled = true) =>
  useQuery({
    enabled,
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

export const useListing = (id: number, price: string) =>
  useQuery({
    queryKey: ["listing", id, price],
    queryFn: () => ask(api.GET("/api/pieces/{id}/listing", { params: { path: { id }, query: price ? { price } : {} } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
export const useChannels = (price: string) =>
  useQuery({
    queryKey: ["channels", price],
    queryFn: () => ask(api.GET("/api/channels", { params: { query: price ? { price } : {} } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
export const usePractice = (id: number | null, seed: number, days: number) =>
  useQuery({
    queryKey: ["practice", id, seed, days],
    queryFn: () => ask(api.GET("/api/pieces/{id}/practice", { params: { path: { id: id ?? 0 }, query: { seed, days } } })),
    enabled: id !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });

export type Lens = { year?: string; view?: "cash" | "full"; hours?: "bench" | "all" };
export type Trait = NonNullable<ListQuery["by"]>;
const kept = { placeholderData: keepPreviousData };
export const useBooks = (lens: Lens) =>
  useQuery({ queryKey: ["books", lens], queryFn: () => ask(api.GET("/api/books", { params: { query: lens } })), ...kept });
export const useComparison = (lens: Lens, by: Trait) =>
  useQuery({ queryKey: ["compare", lens, by], queryFn: () => ask(api.GET("/api/books/compare", { params: { query: { ...lens, by } } })), ...kept });
export const useSpread = (lens: Lens) =>
  useQuery({ queryKey: ["spread", lens], queryFn: () => ask(api.GET("/api/books/spread", { params: { query: lens } })), ...kept });
export const usePassing = (lens: Lens) =>
  useQuery({ queryKey: ["passing", lens], queryFn: () => ask(api.GET("/api/books/passing", { params: { query: lens } })), ...kept });
export const useYear = (year: number) =>
  useQuery({ queryKey: ["year", year], queryFn: () => ask(api.GET("/api/years/{year}", { params: { path: { year } } })), ...kept });
export const useWithout = (lens: Lens, by: Trait, trait: string | null, filled: number) =>
  useQuery({
    queryKey: ["without", lens, by, trait, filled],
    queryFn: () => ask(api.GET("/api/what-if/without", { params: { query: { ...lens, by, trait: trait ?? "", filled } } })),
    enabled: trait !== null,
    ...kept,
  });
export const useCheaper = (lens: Lens, less: number, quicker: string) =>
  useQuery({
    queryKey: ["cheaper", lens, less, quicker],
    queryFn: () => ask(api.GET("/api/what-if/cheaper", { params: { query: { ...lens, less, quicker } } })),
    ...kept,
  });
export const useSideBySide = (lens: Lens, hands: number) =>
  useQuery({
    queryKey: ["side", lens, hands],
    queryFn: () => ask(api.GET("/api/what-if/side-by-side", { params: { query: { ...lens, hands } } })),
    ...kept,
  });

export const useFind = (query: string) =>
  useQuery({
    queryKey: ["find", query],
    queryFn: () => ask(api.GET("/api/find", { params: { query: { query } } })),
    enabled: query.trim().length > 0,
    placeholderData: keepPreviousData,
  });

export const useProspects = (view: "open" | "closed", page: number, query: string) =>
  useQuery({
    queryKey: ["prospects", view, page, query],
    queryFn: () => ask(api.GET("/api/prospects", { params: { query: { view, page, ...(query ? { query } : {}) } } })),
    placeholderData: keepPreviousData,
  });

export const useProspect = (id: number) =>
  useQuery({ queryKey: ["prospect", id], queryFn: () => ask(api.GET("/api/prospects/{id}", { params: { path: { id } } })), retry: false });

// What has been typed so far, answered and not stored.
export const useAnswer = (given: ProspectInput, enabled: boolean) =>
  useQuery({
    queryKey: ["answer", given],
    queryFn: () => ask(api.POST("/api/prospects/answer", { body: given })),
    placeholderData: keepPreviousData,
    enabled,
    retry: false,
    staleTime: 10_000,
  });

export const useScoutCard = () => useQuery({ queryKey: ["card"], queryFn: () => ask(api.GET("/api/scout/card")) });
export const useScoutRecord = () => useQuery({ queryKey: ["record"], queryFn: () => ask(api.GET("/api/scout/record")) });

export const useLots = (page: number) =>
  useQuery({
    queryKey: ["lots", page],
    queryFn: () => ask(api.GET("/api/lots", { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });
export const useLot = (id: number) =>
  useQuery({ queryKey: ["lot", id], queryFn: () => ask(api.GET("/api/lots/{id}", { params: { path: { id } } })), retry: false });

export const useTrips = (page: number) =>
  useQuery({
    queryKey: ["trips", page],
    queryFn: () => ask(api.GET("/api/trips", { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });

export const useSets = (page: number) =>
  useQuery({
    queryKey: ["sets", page],
    queryFn: () => ask(api.GET("/api/sets", { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });
export const useSet = (id: number) =>
  useQuery({ queryKey: ["set", id], queryFn: () => ask(api.GET("/api/sets/{id}", { params: { path: { id } } })), retry: false });

export const useDiary = (id: number, enabled: boolean) =>
  useQuery({ queryKey: ["diary", id], queryFn: () => ask(api.GET("/api/pieces/{id}/diary", { params: { path: { id } } })), enabled });

export const useStashFit = (id: number) =>
  useQuery({ queryKey: ["stash-fit", id], queryFn: () => ask(api.GET("/api/pieces/{id}/stash", { params: { path: { id } } })) });

export const useShelf = (finished: boolean) =>
  useQuery({
    queryKey: ["shelf", finished],
    queryFn: () => ask(api.GET("/api/shelf", { params: { query: { finished } } })),
    placeholderData: keepPreviousData,
  });
export const useShopping = () => useQuery({ queryKey: ["shopping"], queryFn: () => ask(api.GET("/api/shopping")) });

export const useMixes = () => useQuery({ queryKey: ["mixes"], queryFn: () => ask(api.GET("/api/mixes")) });

export const useMix = (id: number) =>
  useQuery({ queryKey: ["mix", id], queryFn: () => ask(api.GET("/api/mixes/{id}", { params: { path: { id } } })), retry: false });

export const useMixAmounts = (id: number, amount: string) =>
  useQuery({
    queryKey: ["mix-amounts", id, amount],
    queryFn: () => ask(api.GET("/api/mixes/{id}/amounts", { params: { path: { id }, query: { amount } } })),
    retry: false,
  });

export const usePieceMixes = (id: number) =>
  useQuery({ queryKey: ["piece-mixes", id], queryFn: () => ask(api.GET("/api/pieces/{id}/mixes", { params: { path: { id } } })) });

export const useSpraySettings = () => useQuery({ queryKey: ["spray-settings"], queryFn: () => ask(api.GET("/api/spray-settings")) });

export const usePricing = (id: number, price: string) =>
  useQuery({
    queryKey: ["pricing", id, price],
    queryFn: () => ask(api.GET("/api/pieces/{id}/pricing", { params: { path: { id }, query: price ? { price } : {} } })),
    placeholderData: keepPreviousData,
    retry: false,
  });

export const useMarket = () => useQuery({ queryKey: ["market"], queryFn: () => ask(api.GET("/api/market")) });

export const useTools = (piece: number | null) =>
  useQuery({
    queryKey: ["tools", piece],
    queryFn: () => ask(api.GET("/api/tools", { params: { query: piece ? { piece_id: piece } : {} } })),
    staleTime: 60_000,
  });

// values: as JSON, so that the same typing asks once.
export const useToolAnswer = (tool: string, values: string, enabled: boolean) =>
  useQuery({
    queryKey: ["tool-answer", tool, values],
    queryFn: () =>
      ask(api.POST("/api/tools/{tool}/answer", { params: { path: { tool } }, body: { values: JSON.parse(values) as Record<string, string> } })),
    placeholderData: keepPreviousData,
    enabled,
    retry: false,
    staleTime: 60_000,
  });

export const useToolResults = (id: number) =>
  useQuery({ queryKey: ["tool-results", id], queryFn: () => ask(api.GET("/api/pieces/{id}/tool-results", { params: { path: { id } } })) });

export const useStash = (page: number) =>
  useQuery({
    queryKey: ["stash", page],
    queryFn: () => ask(api.GET("/api/stash", { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });

// Pieces in hand just like those named, each once.
export function useMates(ids: number[]) {
  const pieces = useQueries({
    queries: ids.slice(0, 5).map((id) => ({
      queryKey: ["piece", id],
      queryFn: () => ask(api.GET("/api/pieces/{id}", { params: { path: { id } } })),
      staleTime: 30_000,
      retry: false,
    })),
  });
  const mates = pieces.flatMap((piece) => piece.data?.mates ?? []);
  return mates.filter((mate, place) => mates.findIndex((other) => other.id === mate.id) === place);
}

export const usePlan = (id: number) =>
  useQuery({
    queryKey: ["plan", id],
    queryFn: () => ask(api.GET("/api/pieces/{id}/plan", { params: { path: { id } } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
export const useAccess = () => useQuery({ queryKey: ["access"], queryFn: () => ask(api.GET("/api/session")) });
export const useCatalogue = () => useQuery({ queryKey: ["catalogue"], queryFn: () => ask(api.GET("/api/catalogue")), staleTime: 60_000 });

export const useSubstitutes = (id: number, product: string | null) =>
  useQuery({
    queryKey: ["substitutes", id, product],
    queryFn: () => ask(api.GET("/api/pieces/{id}/substitutes", { params: { path: { id }, query: { product: product ?? "" } } })),
    enabled: product !== null,
    retry: false,
  });

export const useClimate = (given: { air: string; humidity: string; surface: string }) =>
  useQuery({
    queryKey: ["climate", given],
    queryFn: () => {
      const { surface, ...rest } = given;
      return ask(api.GET("/api/read/climate", { params: { query: surface ? given : rest } }));
    },
    enabled: given.air !== "" && given.humidity !== "",
    placeholderData: keepPreviousData,
    retry: false,
  });

export function useImportProgress(watching: boolean) {
  const progress = useQuery({
    queryKey: ["import-progress"],
    queryFn: () => ask(api.GET("/api/imports/progress")),
    enabled: watching,
    refetchInterval: 400,
    staleTime: 0,
    gcTime: 0,
  });
  return watching ? progress.data : undefined;
}
