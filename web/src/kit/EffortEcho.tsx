// Says back how a time worked is understood, before it counts. The server reads it; the browser only shows.
import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { api, ask } from "../api/client";
import { useSettled } from "./useSettled";
import { t } from "../locales/kit";

type Props = { text: string; help?: string; bare?: "h" | "min" | "auto" };

// bare: what a number without a unit is.
export function EffortEcho({
  text,
  bare = "auto",
  help = t("effortEcho.typeLike1h2080", { more: bare === "min" ? "3 minutes" : "3 hours" }),
}: Props) {
  const settled = useSettled(text.trim(), 150);
  const read = useQuery({
    queryKey: ["effort", settled, bare],
    queryFn: () => ask(api.GET("/api/read/effort", { params: { query: { text: settled, bare } } })),
    enabled: settled !== "",
    retry: false,
    staleTime: Infinity,
  });
  if (settled === "" || settled !== text.trim()) return <span>{help}</span>;
  if (read.error) return <span role="status">{read.error.message}</span>;
  if (!read.data) return <span role="status">{help}</span>;
  return (
    <Box component="span" role="status" sx={{ fontSize: 15, fontWeight: 600, color: "text.primary" }}>
      {t("effortEcho.thats", { read: read.data.text })}
    </Box>
  );
}
