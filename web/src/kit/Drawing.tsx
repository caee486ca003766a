// The drawing: a piece's front elevation from the polygons the core computed, in mm.
import Box from "@mui/material/Box";
import { useId } from "react";
import type { Drawing as Shape } from "../api/types";
import { PATTERNS, tone, WOOD } from "./zones/finishes";
import { Patterns } from "./zones/Patterns";

const INK = "var(--k-palette-text-primary)";
const PATTERNED = 90; // px; a smaller drawing has colors alone
type Part = Shape["parts"][number];

const plannedOf = (part: Part, shape: Shape) => {
  const found = shape.planned.find((one) => one.zone === part.zone || one.zone.startsWith(`${part.zone}/`));
  return found && !["leave", "undecided"].includes(found.finish) ? found : undefined;
};

// A zone that has a finish planned shows it; the rest is as it was bought.
function fill(part: Part, shape: Shape): string {
  if (part.role === "pull") return INK;
  if (part.role === "glass") return "#dfe8e6";
  const planned = plannedOf(part, shape);
  if (planned) return tone(planned.finish, planned.colour);
  const body = shape.body_colour ?? WOOD;
  if (part.role === "opening") return "#3b3026";
  return ["front", "door", "panel"].includes(part.role) ? (shape.front_colour ?? body) : body;
}

const points = (part: Part) => part.points.map((point) => point.join(",")).join(" ");

type Props = {
  shape: Shape;
  width: number;
  height: number;
  measures?: boolean;
  lit?: string[] | undefined; // zones that are worked next
};

// width, height: the box in px that the drawing is fitted into. measures: draws dimension lines.
export function Drawing({ shape, width, height, measures = false, lit = [] }: Props) {
  const id = useId().replace(/[^\w-]/g, "");
  const space = measures ? 34 : 2;
  const scale = Math.min((width - space) / shape.width, (height - space) / shape.height);
  const [w, h] = [shape.width * scale, shape.height * scale];
  const left = (width - space - w) / 2 + 1;
  const top = height - space - h + 1;
  const patterned = width >= PATTERNED;
  // Of a top only its edge is seen from the front.
  const glows = (part: Part) =>
    lit.some((zone) => zone === part.zone || zone.startsWith(`${part.zone}/`)) ||
    (part.role === "top" && lit.includes("top"));
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={shape.description}
      sx={{ width, maxWidth: "100%", height: "auto", display: "block" }}
    >
      {patterned && <Patterns prefix={id} size={1 / scale} />}
      <g
        transform={`translate(${left} ${top}) scale(${scale})`}
        stroke={INK}
        strokeWidth={1}
        strokeDasharray={shape.to_scale ? undefined : "3 2"}
      >
        {shape.parts.map((part, place) => {
          const planned = patterned ? plannedOf(part, shape) : undefined;
          // What was put on it tells more than its finish.
          const finish = planned?.pattern ?? planned?.finish;
          return (
            <g key={place}>
              <polygon points={points(part)} fill={fill(part, shape)} vectorEffect="non-scaling-stroke" />
              {finish && finish in PATTERNS && part.role !== "pull" && (
                <polygon points={points(part)} fill={`url(#${id}-${finish})`} stroke="none" />
              )}
            </g>
          );
        })}
        {shape.parts.filter(glows).map((part, place) => (
          <g key={place} className="no-print" fill="none" strokeDasharray="none">
            <polygon
              points={points(part)}
              stroke="#fff"
              strokeWidth={3.5}
              strokeOpacity={0.85}
              vectorEffect="non-scaling-stroke"
            />
            <polygon
              points={points(part)}
              stroke="var(--k-palette-warning-main)"
              strokeWidth={2.2}
              strokeDasharray="6 3"
              vectorEffect="non-scaling-stroke"
            />
          </g>
        ))}
      </g>
      {measures && shape.to_scale && (
        <g
          stroke="var(--k-palette-text-secondary)"
          fill="var(--k-palette-text-secondary)"
          fontSize={13}
          fontFamily="Barlow Condensed"
        >
          <path
            fill="none"
            d={`M${left} ${top + h + 10}h${w}m0 -4v8M${left} ${top + h + 6}v8M${left + w + 10} ${top}v${h}m-4 0h8M${left + w + 6} ${top}h8`}
          />
          <text stroke="none" textAnchor="middle" x={left + w / 2} y={top + h + 27}>
            {shape.width_text}
          </text>
          <text stroke="none" textAnchor="middle" transform={`translate(${left + w + 27} ${top + h / 2}) rotate(-90)`}>
            {shape.height_text}
          </text>
        </g>
      )}
    </Box>
  );
}
