// What groups of flips pay an hour, ranked: a bar to the estimate, a whisker for its doubt, on one scale with the rest.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import type { Comparison } from "../../api/types";
import { label } from "../../kit/theme";
import { PayBar, scaleOf } from "./PayBar";
import { PlainList } from "../../kit/layout";
import { t } from "../../locales/books";

type Props = { comparison: Comparison; currency: string; chosen: string | null; onChoose: (key: string) => void };

const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];

export function GroupBars({ comparison, currency, chosen, onChoose }: Props) {
  const told = comparison.rows.filter((row) => row.estimate);
  const rows = told.sort((one, other) => (other.estimate?.chart[0] ?? 0) - (one.estimate?.chart[0] ?? 0));
  const few = comparison.rows.filter((row) => !row.estimate);
  const scale = scaleOf(rows.map((row) => row.estimate?.chart ?? []));
  const step = STEPS.find((one) => (scale.to - scale.from) / one <= 6) ?? 5000;
  const ticks = Array.from(
    { length: Math.floor(scale.to / step) - Math.ceil(scale.from / step) + 1 },
    (_, place) => (Math.ceil(scale.from / step) + place) * step,
  );
  const at = (value: number) => `${((value - scale.from) / (scale.to - scale.from)) * 100}%`;
  const columns = { xs: "minmax(0, 1fr) 64px", md: "190px 1fr 72px minmax(0, 300px)" };
  return (
    <Box>
      <PlainList aria-label={t("groupBars.rankedHourlyPay")}>
        {rows.map((row) => (
          <Box
            component="li"
            key={row.key}
            sx={{
              display: "grid",
              gridTemplateColumns: columns,
              columnGap: 2,
              alignItems: "center",
              borderBottom: 1,
              borderColor: "divider",
              bgcolor: row.key === chosen ? "background.paper" : undefined,
            }}
          >
            <ButtonBase
              aria-expanded={row.key === chosen}
              onClick={() => onChoose(row.key)}
              sx={{ minHeight: 44, justifyContent: "flex-start", textAlign: "left", font: "inherit", fontWeight: 600 }}
            >
              {`${row.label} (${row.n})`}
            </ButtonBase>
            <Box sx={{ gridColumn: { xs: "1 / -1", md: "auto" }, gridRow: { xs: 2, md: "auto" } }}>
              <PayBar chart={row.estimate?.chart ?? []} scale={scale} bar />
            </Box>
            <Box sx={{ textAlign: "right", fontWeight: 600 }}>{row.estimate?.middle?.text}</Box>
            <Box
              sx={{
                gridColumn: { xs: "1 / -1", md: "auto" },
                fontSize: 14.5,
                color: row.estimate?.claim ? "text.primary" : "text.secondary",
                fontWeight: row.estimate?.claim ? 600 : 400,
              }}
            >
              {row.estimate?.words}
              {row.a_piece && <Box sx={{ fontWeight: 400 }}>{row.a_piece}</Box>}
            </Box>
          </Box>
        ))}
      </PlainList>
      <Box sx={{ display: { xs: "none", md: "grid" }, gridTemplateColumns: columns, columnGap: 2 }}>
        <Box sx={{ ...label, color: "text.secondary" }}>{t("groupBars.hour", { currency })}</Box>
        <Box aria-hidden sx={{ ...label, position: "relative", height: 22, color: "text.secondary" }}>
          {ticks.map((tick) => (
            <Box
              key={tick}
              component="span"
              sx={{ position: "absolute", left: at(tick), transform: "translateX(-50%)", fontSize: 14 }}
            >
              {tick}
            </Box>
          ))}
        </Box>
      </Box>
      {few.length > 0 && (
        <Box sx={{ color: "text.secondary", mt: 1 }}>
          {t("groupBars.tooFewFlipsSay", { few: few.map((row) => `${row.label} (${row.ended})`).join(", ") })}
        </Box>
      )}
    </Box>
  );
}
