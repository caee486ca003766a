// Says back how a time worked is understood, before it counts. The server reads it; the browser only shows.
import { useQuery } from "@tanstack/react-query";
import { api, ask } from "../api/client";
import { useSettled } from "./useSettled";

export function EffortEcho({
  text,
  help = "1h20, 1:20, 80 min or 1.5 h; a bare number is minutes",
}: {
  text: string;
  help?: string;
}) {
  const settled = useSettled(text.trim(), 150);
  const read = useQuery({
    queryKey: ["effort", settled],
    queryFn: () => ask(api.GET("/api/read/effort", { params: { query: { text: settled } } })),
    enabled: settled !== "",
    retry: false,
    staleTime: Infinity,
  });
  if (settled === "" || settled !== text.trim()) return <span>{help}</span>;
  if (read.error) return <span role="status">{read.error.message}</span>;
  return <span role="status">{read.data ? `Counts as ${read.data.text}` : help}</span>;
}
