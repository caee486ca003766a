// Prices, listings, what is for sale.
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask } from "../client";
import { keysOf } from "../keys";

const key = keysOf("market");

export const useListing = (id: number, price: string) =>
  useQuery({
    queryKey: key("listing", id, price),
    queryFn: () =>
      ask(api.GET("/api/pieces/{id}/listing", { params: { path: { id }, query: price ? { price } : {} } })),
    placeholderData: keepPreviousData,
    retry: false,
  });

// What a channel takes of a price, or the one where a piece is listed.
export const useChannelFee = (price: string, channel: string, piece: number | undefined) =>
  useQuery({
    queryKey: key("channel-fee", price, channel, piece),
    queryFn: () =>
      ask(
        api.GET("/api/channels/fee", {
          params: { query: { price, ...(channel ? { channel } : {}), ...(piece ? { piece_id: piece } : {}) } },
        }),
      ),
    enabled: price !== "",
    retry: false,
  });

export const useChannels = (price: string) =>
  useQuery({
    queryKey: key("channels", price),
    queryFn: () => ask(api.GET("/api/channels", { params: { query: price ? { price } : {} } })),
    placeholderData: keepPreviousData,
    retry: false,
  });

export const usePractice = (id: number | null, seed: number, days: number) =>
  useQuery({
    queryKey: key("practice", id, seed, days),
    queryFn: () =>
      ask(api.GET("/api/pieces/{id}/practice", { params: { path: { id: id ?? 0 }, query: { seed, days } } })),
    enabled: id !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });

export const usePricing = (id: number, price: string) =>
  useQuery({
    queryKey: key("pricing", id, price),
    queryFn: () =>
      ask(api.GET("/api/pieces/{id}/pricing", { params: { path: { id }, query: price ? { price } : {} } })),
    placeholderData: keepPreviousData,
    retry: false,
    // What was changed last is worked in after the answer: asked again until it is.
    refetchInterval: (query) => (query.state.data?.value?.current === false ? 1500 : false),
  });

export const useFromHere = () =>
  useQuery({ queryKey: key("from-here"), queryFn: () => ask(api.GET("/api/from-here")) });

export const useMarket = () => useQuery({ queryKey: key("market"), queryFn: () => ask(api.GET("/api/market")) });
