// A shape as it would be drawn while it is typed; the core draws it.
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask } from "../../api/client";
import type { ShapeInput } from "../../api/types";
import { useSettled } from "../useSettled";

export function useShape(input: ShapeInput, { enabled = true }: { enabled?: boolean } = {}) {
  const settled = useSettled(JSON.stringify(input), 200);
  return useQuery({
    queryKey: ["shape", settled],
    queryFn: () => ask(api.POST("/api/shape", { body: JSON.parse(settled) as ShapeInput })),
    enabled,
    retry: false,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
}
