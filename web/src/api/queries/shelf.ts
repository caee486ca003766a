// What is on the shelf, mixed, stashed and to be bought.
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask } from "../client";
import { keysOf } from "../keys";

const key = keysOf("shelf");

export const useStashFit = (id: number) =>
  useQuery({
    queryKey: key("stash-fit", id),
    queryFn: () => ask(api.GET("/api/pieces/{id}/stash", { params: { path: { id } } })),
  });

export const useShelf = (finished: boolean) =>
  useQuery({
    queryKey: key("shelf", finished),
    queryFn: () => ask(api.GET("/api/shelf", { params: { query: { finished } } })),
    placeholderData: keepPreviousData,
  });

export const useColours = () => useQuery({ queryKey: key("colours"), queryFn: () => ask(api.GET("/api/colours")) });

export const useShopping = () => useQuery({ queryKey: key("shopping"), queryFn: () => ask(api.GET("/api/shopping")) });

export const useMixes = () => useQuery({ queryKey: key("mixes"), queryFn: () => ask(api.GET("/api/mixes")) });

export const useMix = (id: number) =>
  useQuery({
    queryKey: key("mix", id),
    queryFn: () => ask(api.GET("/api/mixes/{id}", { params: { path: { id } } })),
    retry: false,
  });

export const useMixAmounts = (id: number, amount: string) =>
  useQuery({
    queryKey: key("mix-amounts", id, amount),
    queryFn: () => ask(api.GET("/api/mixes/{id}/amounts", { params: { path: { id }, query: { amount } } })),
    retry: false,
  });

export const usePieceMixes = (id: number) =>
  useQuery({
    queryKey: key("piece-mixes", id),
    queryFn: () => ask(api.GET("/api/pieces/{id}/mixes", { params: { path: { id } } })),
  });

export const useSpraySettings = () =>
  useQuery({ queryKey: key("spray-settings"), queryFn: () => ask(api.GET("/api/spray-settings")) });

export const useStash = (page: number) =>
  useQuery({
    queryKey: key("stash", page),
    queryFn: () => ask(api.GET("/api/stash", { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });
