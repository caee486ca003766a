// The bench tools.
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask } from "../client";
import { keysOf } from "../keys";

const key = keysOf("tools");

export const useTools = (piece: number | null) =>
  useQuery({
    queryKey: key("tools", piece),
    queryFn: () => ask(api.GET("/api/tools", { params: { query: piece ? { piece_id: piece } : {} } })),
    staleTime: 60_000,
  });

// values: as JSON, so that the same typing asks once.
export const useToolAnswer = (tool: string, values: string, enabled: boolean) =>
  useQuery({
    queryKey: key("tool-answer", tool, values),
    queryFn: () =>
      ask(
        api.POST("/api/tools/{tool}/answer", {
          params: { path: { tool } },
          body: { values: JSON.parse(values) as Record<string, string> },
        }),
      ),
    placeholderData: keepPreviousData,
    enabled,
    retry: false,
    staleTime: 60_000,
  });

export const useToolResults = (id: number) =>
  useQuery({
    queryKey: key("tool-results", id),
    queryFn: () => ask(api.GET("/api/pieces/{id}/tool-results", { params: { path: { id } } })),
  });
