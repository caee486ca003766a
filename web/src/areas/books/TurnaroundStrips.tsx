// The turnaround as stacked strips: the median of each part one after the other, then the latest flips on the same
// scale of days.
import Box from "@mui/material/Box";
import { Link } from "react-router";
import { usePieces } from "../../api/queries";
import type { DaysStrip as Strip, TimeInStage } from "../../api/types";
import { DaysStrip, daysScale } from "../../kit/DaysStrip";
import { t } from "../../locales/books";

const LANES = ["waiting", "bench", "waiting", "market"] as const;
const SHOWN = 8;

// Medians of the parts end to end: how such a flip goes, not one that was.
function median(parts: TimeInStage["parts"]): Strip | null {
  let from = 0;
  const drawn = LANES.flatMap((lane, place) => {
    const part = parts[place];
    const days = Math.round(Number(part?.days.median));
    if (!part || !days) return [];
    const row = {
      lane,
      from,
      to: from + days,
      label: t("turnaroundStrips.days", { part: part.label.toLowerCase(), days }),
    };
    from += days;
    return [row];
  });
  if (drawn.length === 0) return null;
  const description = t("turnaroundStrips.medianEachPart", { drawn: drawn.map((part) => part.label).join(", ") });
  return { parts: drawn, days: from, ended: true, description };
}

const KEY = [
  ["hatched", "waiting"],
  ["solid", "on the bench"],
  ["outlined", t("turnaroundStrips.sale")],
];

export function TurnaroundStrips({ parts }: { parts: TimeInStage["parts"] }) {
  const latest = usePieces({ view: "archive", sort: "ended_on", descending: true, query: "", page: 1 });
  const rows = (latest.data?.rows ?? [])
    .filter((row) => row.stage === "sold" && row.strip.days !== null)
    .slice(0, SHOWN);
  const whole = median(parts);
  if (!whole) return null;
  const scale = daysScale([whole, ...rows.map((row) => row.strip)]);
  const line = {
    display: "grid",
    gridTemplateColumns: { xs: "1fr", sm: "200px 1fr" },
    columnGap: 2,
    alignItems: "center",
  };
  return (
    <Box sx={{ mb: 2, minHeight: 60 }}>
      <Box sx={line}>
        <b>{t("turnaroundStrips.typicalFlip")}</b>
        <DaysStrip strip={whole} scale={scale} most={760} />
      </Box>
      {rows.map((row) => (
        <Box key={row.id} sx={line}>
          <Link to={`/pieces/${row.id}`}>{row.name}</Link>
          <DaysStrip strip={row.strip} scale={scale} most={760} />
        </Box>
      ))}
      <Box sx={{ color: "text.secondary", fontSize: 14 }}>
        {t("turnaroundStrips.daysBuyingSellingTypical", {
          parts: KEY.map(([look, what]) => `${look} ${what}`).join(", "),
          count: rows.length,
        })}
      </Box>
    </Box>
  );
}
