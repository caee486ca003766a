// Hours against profit, a mark a flip, with lines of equal pay; its table has the same figures.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { ChartsContainer } from "@mui/x-charts/ChartsContainer";
import { ChartsGrid } from "@mui/x-charts/ChartsGrid";
import { ChartsTooltip } from "@mui/x-charts/ChartsTooltip";
import { ChartsXAxis } from "@mui/x-charts/ChartsXAxis";
import { ChartsYAxis } from "@mui/x-charts/ChartsYAxis";
import { LinePlot } from "@mui/x-charts/LineChart";
import { ScatterPlot } from "@mui/x-charts/ScatterChart";
import { useState } from "react";
import { Link } from "react-router";
import type { FlipSpread } from "../../api/types";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import { PlainList, Row } from "../../kit/layout";
import { t } from "../../locales/books";

const COLOURS: Record<string, string> = {
  "floor pay": "var(--k-palette-warning-main)",
  "target pay": "var(--k-palette-secondary-main)",
  "your pay": "var(--k-palette-text-secondary)",
};
const DASHES: Record<string, string> = { "floor pay": "6 4", "target pay": "2 3", "your pay": "none" };

export function SpreadPart({ spread, currency }: { spread: FlipSpread; currency: string }) {
  const [table, setTable] = useState(false);
  const { points, lines, without, left_out: leftOut } = spread;
  if (points.length === 0) return null;
  const most = Math.max(...points.map((point) => point.hours), 1);
  return (
    <Part
      title={t("spreadPart.hoursProfit")}
      action={
        <Button onClick={() => setTable(!table)}>{table ? t("spreadPart.showDots") : t("spreadPart.showTable")}</Button>
      }
    >
      {table ? (
        <SmallTable
          label={t("spreadPart.hoursProfit2")}
          columns={[
            t("spreadPart.flip"),
            [t("spreadPart.hours")],
            [t("spreadPart.profit", { currency })],
            [t("spreadPart.hour", { currency })],
          ]}
          rows={points.map((point) => ({
            key: point.id,
            cells: [
              <Link key="flip" to={`/pieces/${point.id}`}>
                {point.name}
              </Link>,
              point.effort?.text,
              point.profit?.bare,
              point.hourly?.bare ?? "–",
            ],
          }))}
        />
      ) : (
        <>
          <Box
            role="img"
            aria-label={t("spreadPart.flipsHoursProfitLines", {
              count: points.length,
              lines: lines.map((line) => line.label).join(", "),
            })}
          >
            <ChartsContainer
              height={320}
              skipAnimation
              margin={{ left: 0, right: 16, top: 12, bottom: 0 }}
              xAxis={[
                {
                  id: "hours",
                  scaleType: "linear",
                  min: 0,
                  max: most * 1.05,
                  data: [0, most],
                  label: t("spreadPart.hours"),
                  height: 45,
                },
              ]}
              yAxis={[{ id: "profit", label: t("spreadPart.profit", { currency }), width: 62 }]}
              series={[
                ...lines.map((line) => ({
                  type: "line" as const,
                  id: line.label,
                  data: [0, line.major_profit],
                  color: COLOURS[line.label] ?? "gray",
                  showMark: false,
                })),
                {
                  type: "scatter" as const,
                  id: "flips",
                  data: points.map((point) => ({ id: point.id, x: point.hours, y: point.major_profit })),
                  color: "var(--k-palette-primary-main)",
                  markerSize: 4,
                  valueFormatter: (value: { id?: string | number } | null) => {
                    const point = points.find((one) => one.id === value?.id);
                    return point
                      ? t("spreadPart.in", {
                          point: point.name,
                          profit: point.profit?.text,
                          effort: point.effort?.text,
                        })
                      : "";
                  },
                },
              ]}
              sx={Object.fromEntries(
                lines.map((line) => [
                  `& .MuiLineChart-line[data-series="${line.label}"]`,
                  { strokeDasharray: DASHES[line.label] },
                ]),
              )}
            >
              <ChartsGrid horizontal />
              <LinePlot />
              <ScatterPlot />
              <ChartsXAxis />
              <ChartsYAxis />
              <ChartsTooltip trigger="item" />
            </ChartsContainer>
          </Box>
          <PlainList sx={{ display: "flex", flexWrap: "wrap", columnGap: 3 }}>
            {lines.map((line) => (
              <Row component="li" key={line.label} wrap={false}>
                <svg width={28} height={6} aria-hidden>
                  <path d="M0 3H28" stroke={COLOURS[line.label]} strokeWidth={2} strokeDasharray={DASHES[line.label]} />
                </svg>
                {t("spreadPart.hour2", { line: line.label, pay: line.pay?.text, currency })}
              </Row>
            ))}
          </PlainList>
        </>
      )}
      <Typography variant="caption" component="p" sx={{ color: "text.secondary" }}>
        {t("spreadPart.flipsWithoutHoursProfit", {
          count: points.length,
          more: leftOut ? t("spreadPart.latest", { count: points.length + leftOut }) : "",
          without,
        })}
      </Typography>
    </Part>
  );
}
