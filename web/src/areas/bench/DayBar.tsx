// A day on a scale of hours: sessions outlined, hands-on steps filled, a row a person, and what dries as light dotted
// bars below.
import Box from "@mui/material/Box";
import { useId } from "react";
import type { ScheduleDay } from "../../api/types";
import { useWidth } from "../../kit/useWidth";
import { t } from "../../locales/bench";

const ROW = 18;
const WAIT = 7;
const TOP = 16;
const MAX_WAITS = 8;

export function DayBar({ day }: { day: ScheduleDay }) {
  const [ref, width] = useWidth();
  const dots = useId();
  const people = [...new Set([...day.sessions, ...day.steps].map((one) => one.person))];
  const from = Math.floor(Math.min(...[...day.sessions, ...day.steps].map((one) => one.start ?? 0), 18 * 60) / 60);
  const to = Math.ceil(
    Math.max(...[...day.sessions, ...day.steps].map((one) => one.stop ?? 0), 20 * 60, (from + 6) * 60) / 60,
  );
  const waits = day.waits.filter((wait) => wait.stop > from * 60 && wait.start < to * 60);
  const shown = waits.slice(0, MAX_WAITS);
  const x = (minute: number) =>
    (Math.min(Math.max(minute, from * 60), to * 60) - from * 60) * (width / ((to - from) * 60));
  const each = Math.ceil(((to - from) * 46) / Math.max(width, 1));
  const hours = Array.from({ length: to - from + 1 }, (_, place) => from + place).filter(
    (hour) => (hour - from) % each === 0 && hour < to,
  );
  const height = TOP + people.length * ROW + shown.length * WAIT + 4;
  const words = [
    ...day.steps.map((step) =>
      t("dayBar.text", { person: step.person, from: step.from, to: step.to, step: step.label }),
    ),
    ...waits.map((wait) => t("dayBar.dryingUntil", { piece: wait.piece, until: wait.until })),
  ].join("; ");
  if (words === "") return null;
  return (
    <Box ref={ref} sx={{ mb: 0.5, contain: "inline-size" }}>
      <svg width={width} height={height} role="img" aria-label={words}>
        <defs>
          <pattern id={dots} width="4" height="4" patternUnits="userSpaceOnUse">
            <circle cx="2" cy="2" r="1.1" fill="var(--k-palette-warning-main)" />
          </pattern>
        </defs>
        {hours.map((hour) => (
          <g key={hour}>
            <line x1={x(hour * 60)} x2={x(hour * 60)} y1={TOP - 3} y2={height} stroke="var(--k-palette-divider)" />
            <text x={x(hour * 60) + 2} y={11} fontSize={12} fill="var(--k-palette-text-secondary)">
              {hour}
            </text>
          </g>
        ))}
        {day.sessions.map((one) => (
          <rect
            key={`${one.person} ${one.start}`}
            x={x(one.start)}
            width={Math.max(x(one.stop) - x(one.start), 1)}
            y={TOP + people.indexOf(one.person) * ROW + 1}
            height={ROW - 4}
            fill="none"
            stroke="var(--k-palette-primary-main)"
          />
        ))}
        {day.steps.map((step) => (
          <rect
            key={`${step.id} ${step.from}`}
            x={x(step.start ?? 0) + 0.5}
            width={Math.max(x(step.stop ?? 0) - x(step.start ?? 0) - 1, 1)}
            y={TOP + people.indexOf(step.person) * ROW + 3}
            height={ROW - 8}
            fill="var(--k-palette-primary-main)"
          />
        ))}
        {shown.map((wait, place) => (
          <rect
            key={`${wait.piece} ${wait.label} ${wait.start}`}
            x={x(wait.start)}
            width={Math.max(x(wait.stop) - x(wait.start), 2)}
            y={TOP + people.length * ROW + place * WAIT + 1}
            height={WAIT - 2}
            fill={`url(#${dots})`}
            stroke="var(--k-palette-warning-main)"
            strokeWidth={0.5}
          />
        ))}
      </svg>
      {waits.length > shown.length && (
        <Box sx={{ fontSize: 14, color: "text.secondary" }}>
          {t("dayBar.moreDrying", { count: waits.length - shown.length })}
        </Box>
      )}
    </Box>
  );
}
