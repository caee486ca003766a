// The price tape: a measuring tape in money that carries what a decision is read off. Labels never collide.
import Box from "@mui/material/Box";
import { useId } from "react";
import type { PriceTape as Tape } from "../api/types";
import { useWidth } from "./useWidth";
import { t } from "../locales/kit";

const COLOURS: Record<Tape["marks"][number]["key"], string> = {
  cash_in: "var(--k-palette-text-primary)",
  break_even: "var(--k-palette-error-main)",
  floor: "var(--k-palette-error-main)",
  target: "var(--k-palette-primary-main)",
  asking: "var(--k-palette-secondary-main)",
  sold: "var(--k-palette-secondary-main)",
  most: "var(--k-palette-primary-main)",
  walk_away: "var(--k-palette-error-main)",
  tag: "var(--k-palette-secondary-main)",
  standing: "var(--k-palette-secondary-main)",
  resale: "var(--k-palette-text-primary)",
  fetch_low: "var(--k-palette-secondary-main)",
  value: "var(--k-palette-secondary-main)",
  fetch_high: "var(--k-palette-secondary-main)",
  offer: "var(--k-palette-warning-main)",
};
const HEAVY = ["asking", "sold", "tag", "offer"];
const LANE = 21;
const LETTER = 7; // px a letter takes at the most, at the label's size

export function PriceTape({ tape, currency }: { tape: Tape; currency: string }) {
  const [ref, width] = useWidth();
  const id = useId().replace(/[^\w-]/g, "");
  if (tape.marks.length === 0) return null;
  // The likely price with 80% probability: a field on the scale, written below it.
  const [from, to] = (["fetch_low", "fetch_high"] as const).map((key) => tape.marks.find((mark) => mark.key === key));
  const marks = from && to ? tape.marks.filter((mark) => mark !== from && mark !== to) : tape.marks;
  const labels = marks.map((mark) => ({
    share: mark.minor / tape.length,
    width: (mark.text.length + mark.label.length + 1) * LETTER + 8,
  }));
  const left = 4;
  // Room on the right for labels that stand near the end of the scale.
  const right = Math.max(
    20,
    ...labels.map(({ share, width: w }) => (share > 0 ? width - left - (width - left - w) / share : 0)),
  );
  const room = Math.max(width - left - right, 40); // labels may take all of a narrow tape
  const x = (minor: number) => left + (minor / tape.length) * room;
  const placed = lanes(marks.map((mark, place) => ({ at: x(mark.minor), width: labels[place]?.width ?? 0 })));
  const top = (Math.max(-1, ...placed) + 1) * LANE + 6;
  const loss = tape.marks.find((mark) => mark.key === "break_even");
  // What is worth paying: up to the most, a field of its own on the scale.
  const most = tape.marks.find((mark) => mark.key === "most");
  const band = from && to && t("priceTape.likelySell", { likely: tape.likely });
  const spoken = tape.marks.map((mark) => `${mark.label} ${mark.text}`).join(", ");
  const small = Array.from(
    { length: Math.round((tape.length / tape.step) * 5) + 1 },
    (_, place) => (place * tape.step) / 5,
  );
  return (
    <Box ref={ref} sx={{ width: "100%", contain: "inline-size" }}>
      {width > 0 && (
        <svg
          width={width}
          height={top + (band ? 54 : 34)}
          role="img"
          aria-label={t("priceTape.prices", { currency, spoken })}
          style={{ display: "block" }}
        >
          <defs>
            <pattern
              id={`${id}-loss`}
              width="7"
              height="7"
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(-45)"
            >
              <path d="M0 0v7" stroke="var(--k-palette-error-main)" strokeWidth="1.4" opacity="0.45" />
            </pattern>
          </defs>
          <rect
            x={left}
            y={top}
            width={x(tape.length) - left}
            height={30}
            fill="var(--k-palette-background-paper)"
            stroke="var(--k-palette-text-primary)"
            strokeWidth={1.4}
          />
          {loss && <rect x={left} y={top} width={x(loss.minor) - left} height={30} fill={`url(#${id}-loss)`} />}
          {most && (
            <rect
              x={left}
              y={top + 1}
              width={x(most.minor) - left}
              height={28}
              fill="var(--k-palette-primary-main)"
              opacity={0.2}
            />
          )}
          {from && to && (
            <rect
              x={x(from.minor)}
              y={top + 1}
              width={x(to.minor) - x(from.minor)}
              height={28}
              fill="var(--k-palette-secondary-main)"
              opacity={0.22}
            />
          )}
          {small.map((minor) => (
            <path
              key={minor}
              d={`M${x(minor)} ${top}v${minor % tape.step === 0 ? 12 : 6}`}
              stroke="var(--k-palette-text-primary)"
              strokeWidth={minor % tape.step === 0 ? 1.4 : 0.8}
            />
          ))}
          {tape.steps.map((step) =>
            step ? (
              <text
                key={step.minor}
                x={x(step.minor) + 3}
                y={top + 26}
                fontSize={13}
                fontFamily="Barlow Condensed"
                fontWeight={600}
                fill="var(--k-palette-text-primary)"
              >
                {x(step.minor) + 3 + step.text.length * 7 <= width ? step.text : ""}
              </text>
            ) : null,
          )}
          {band && (
            <text
              x={Math.max(band.length * 3.3, Math.min((x(from.minor) + x(to.minor)) / 2, width - band.length * 3.3))}
              textAnchor="middle"
              y={top + 48}
              fontSize={15}
              fontFamily="Barlow Condensed"
              fontWeight={600}
              fill="var(--k-palette-secondary-main)"
            >
              {band}
            </text>
          )}
          {marks.map((mark, place) => {
            const y = top - (placed[place] ?? 0) * LANE - LANE;
            return (
              <g key={mark.key} fill={COLOURS[mark.key]} stroke={COLOURS[mark.key]}>
                <path d={`M${x(mark.minor)} ${y + 3}V${top + 4}`} strokeWidth={HEAVY.includes(mark.key) ? 2.4 : 1.6} />
                <text x={x(mark.minor) + 5} y={y + 15} stroke="none" fontSize={15} fontFamily="Barlow Condensed">
                  <tspan fontWeight={600}>{mark.text}</tspan> {mark.label}
                </text>
              </g>
            );
          })}
        </svg>
      )}
    </Box>
  );
}

// Finds a lane for each label that stands to the right of its stem, so that no label meets another label or a stem.
// From the right: a label further left goes above those whose stems it would cross.
type Label = { at: number; width: number };

function lanes(labels: Label[]): number[] {
  const order = labels.map((_, place) => place).sort((a, b) => (labels[b]?.at ?? 0) - (labels[a]?.at ?? 0) || b - a);
  const result = new Array<number>(labels.length).fill(0);
  const placed: number[] = [];
  for (const place of order) {
    const { at, width } = labels[place] as Label;
    const blocked = placed
      .filter((other) => (labels[other] as Label).at < at + width + 4)
      .map((other) => result[other] as number);
    // A stem reaches down from its own lane to the scale: everything up to the highest blocked lane is taken.
    result[place] = blocked.length ? Math.max(...blocked) + 1 : 0;
    placed.push(place);
  }
  return result;
}
