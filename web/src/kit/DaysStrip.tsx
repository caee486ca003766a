// The days strip: bought to sold on a scale of days. Parts differ by pattern as well as colour:
// waiting hatched, bench solid, drying dotted, market outlined; a pin marks today while it runs.
import Box from "@mui/material/Box";
import { useId } from "react";
import { useWidth } from "./useWidth";
import type { DaysStrip as Strip } from "../api/types";
import { Quiet } from "./layout";
import { t } from "../locales/kit";

const STEPS = [1, 2, 7, 14, 28, 56, 91, 182, 364];
const LINE = "var(--k-palette-text-secondary)";

// The longest strip decides the scale that strips side by side share.
export function daysScale(strips: Strip[]): number {
  return Math.max(7, ...strips.map((strip) => strip.days ?? 0));
}

type Props = { strip: Strip; scale: number; end?: string; dates?: { day: number; text: string }[] };

// scale: days on the whole width; most: px it may take; end: a word set beside the end, such as "sold"; dates: what is
// written under it instead of days.
export function DaysStrip({ most = 420, ...rest }: Props & { most?: number }) {
  const [ref, width] = useWidth();
  return (
    <Box ref={ref} sx={{ maxWidth: most, contain: "inline-size" }}>
      {width > 0 && <Strips {...rest} width={width} />}
    </Box>
  );
}

const LETTER = 6.2; // px a letter of a date takes at the most

// Dates in as few rows as they need, none over another; each begins at its day, or ends there near the right edge.
function layDates(dates: { day: number; text: string }[], x: (day: number) => number, width: number) {
  const ends: number[] = [];
  const labels = dates.map(({ day, text }) => {
    const wide = text.length * LETTER;
    const at = Math.max(0, Math.min(x(day), width - wide));
    const free = ends.findIndex((end) => end < at - 6);
    const row = free < 0 ? ends.length : free;
    ends[row] = at + wide;
    return { day, text, row, at };
  });
  return { labels, rows: ends.length };
}

function Strips({ strip, scale, end, dates, width }: Props & { width: number }) {
  const id = useId().replace(/[^\w-]/g, "");
  const room = end ? 62 : 10;
  const x = (day: number) => 2 + (day / scale) * (width - room - 4);
  const step = STEPS.find((days) => scale / days <= 4.5) ?? 364;
  const ticks = Array.from({ length: Math.floor(scale / step) + 1 }, (_, place) => place * step);
  const last = x(strip.days ?? 0);
  const dated = layDates(dates ?? [], x, width);
  if (strip.days === null) {
    return <Quiet component="span">{t("daysStrip.datesUnknown")}</Quiet>;
  }
  const fills = {
    waiting: `url(#${id}-wait)`,
    bench: "var(--k-palette-primary-main)",
    drying: `url(#${id}-dry)`,
    market: `url(#${id}-sell)`,
  };
  const edges = {
    waiting: LINE,
    bench: "var(--k-palette-primary-main)",
    drying: "var(--k-palette-warning-main)",
    market: "var(--k-palette-secondary-main)",
  };
  return (
    <Box
      component="svg"
      width={width}
      height={dates ? 34 + dated.rows * 15 : 42}
      role="img"
      aria-label={strip.description}
      sx={{ display: "block", overflow: "visible" }}
    >
      <defs>
        <pattern id={`${id}-wait`} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" fill="var(--k-palette-background-paper)" />
          <path d="M0 0v6" stroke={LINE} strokeWidth="1.6" opacity="0.55" />
        </pattern>
        <pattern id={`${id}-dry`} width="5" height="5" patternUnits="userSpaceOnUse">
          <circle cx="2.5" cy="2.5" r="1.1" fill="var(--k-palette-warning-main)" />
        </pattern>
        <pattern id={`${id}-sell`} width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill="var(--k-palette-secondary-main)" opacity="0.14" />
        </pattern>
      </defs>
      {strip.parts.map((part) => (
        <rect
          key={`${part.lane}${part.from}`}
          x={x(part.from)}
          y={8}
          width={Math.max(x(part.to) - x(part.from), 2)}
          height={14}
          fill={fills[part.lane]}
          stroke={edges[part.lane]}
          strokeWidth={part.lane === "waiting" ? 0.7 : 1.2}
        >
          <title>{part.label}</title>
        </rect>
      ))}
      {!strip.ended && (
        <g stroke="var(--k-palette-text-primary)" fill="var(--k-palette-text-primary)">
          <path d={`M${last} 4v22`} strokeWidth={1.6} />
          <circle cx={last} cy={4} r={2.6} />
        </g>
      )}
      {end && (
        <text
          x={last + 6}
          y={20}
          fontSize={14}
          fontFamily="Barlow Condensed"
          fontWeight={600}
          fill="var(--k-palette-secondary-main)"
        >
          {end}
        </text>
      )}
      <g stroke={LINE} fill={LINE} fontFamily="Barlow Condensed" fontSize={11}>
        {dated.labels.map(({ day, row }) => (
          <path key={day} d={`M${x(day)} 24v${6 + row * 15}`} strokeWidth={0.9} />
        ))}
        {dated.labels.map(({ day, text, row, at }) => (
          <text
            key={day}
            x={at}
            y={42 + row * 15}
            fontSize={13.5}
            fill="var(--k-palette-text-primary)"
            stroke="var(--k-palette-background-default)"
            strokeWidth={4}
            style={{ paintOrder: "stroke" }}
          >
            {text}
          </text>
        ))}
        {(dates ? [] : ticks).map((day) => (
          <g key={day}>
            <path d={`M${x(day)} 26v5`} strokeWidth={0.9} />
            <text x={x(day)} y={41} stroke="none" textAnchor={day === 0 ? "start" : "middle"}>
              {day === 0 ? t("daysStrip.day0") : day}
            </text>
          </g>
        ))}
      </g>
    </Box>
  );
}
