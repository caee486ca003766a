// The drawing as the place where zones are picked: by a click, or by the arrow keys. Colour and pattern show the finish
// planned, a mark what is done, a number what was found.
import Box from "@mui/material/Box";
import { type KeyboardEvent, useId, useMemo, useState } from "react";
import type { Drawing, Zone } from "../../api/types";
import { PATTERNS, tone } from "./finishes";
import { layOut } from "./layout";
import { Patterns } from "./Patterns";
import { t } from "../../locales/kit";

// colour: its swatch; name: as it is called.
export type ZoneLook = { finish: string; colour: string | null; name: string | null; label: string };
type Props = {
  drawing: Drawing;
  zones: Zone[];
  looks: Map<string, ZoneLook>;
  counts?: Map<string, number>;
  selected: Set<string>;
  // several: whether it goes along with what is selected already.
  onPick: (zone: string, several: boolean) => void;
  label: string;
  width?: number;
};

const INK = "var(--k-palette-text-primary)";
const STATES: Record<string, string> = { untouched: "", begun: "begun", finished: "done" };
const order = (zones: Zone[]) => zones.map((zone) => zone.key);

export function ZoneMap({ drawing, zones, looks, counts, selected, onPick, label, width = 420 }: Props) {
  const id = useId().replace(/:/g, "");
  const [active, setActive] = useState<string | null>(null);
  const [focused, setFocused] = useState(false);
  const layout = useMemo(() => layOut(drawing, zones, width, 330), [drawing, zones, width]);
  const keys = order(zones);
  const current = active && keys.includes(active) ? active : (keys[0] ?? "");
  const byKey = new Map(zones.map((zone) => [zone.key, zone]));
  // A polygon of a zone that was split stands for all its parts; one that was merged for where it went.
  const zoneOf = (key: string | null) =>
    key ? (byKey.get(key) ?? zones.find((zone) => zone.key.startsWith(`${key}/`))) : undefined;

  const onKey = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (step) {
      event.preventDefault();
      setActive(keys[(keys.indexOf(current) + step + keys.length) % keys.length] ?? null);
    }
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      onPick(current, event.shiftKey || event.ctrlKey);
    }
  };
  const describe = (zone: Zone) => {
    const found = counts?.get(zone.key) ?? 0;
    const parts = [
      zone.label,
      looks.get(zone.key)?.label,
      STATES[zone.state],
      found > 0 && t("zoneMap.noted", { found }),
    ];
    return parts.filter(Boolean).join(", ");
  };
  const fill = (zone: Zone | undefined, role?: string) => {
    if (role === "pull") return "#1e2a24";
    if (role === "glass") return "#dfe8e6";
    const look = zone && looks.get(zone.key);
    return tone(look?.finish ?? "leave", look?.colour);
  };
  const pattern = (zone: Zone | undefined) => {
    const look = zone && looks.get(zone.key);
    return look && look.finish in PATTERNS ? `url(#${id}-${look.finish})` : "none";
  };
  const ring = (key: string) => ({
    stroke: selected.has(key) ? "var(--k-palette-secondary-main)" : "#1e2a24",
    strokeWidth: selected.has(key) ? 4 : focused && key === current ? 3 : 1.2,
    strokeDasharray: focused && key === current && !selected.has(key) ? "5 3" : undefined,
  });
  const points = (part: Drawing["parts"][number]) =>
    part.points.map(([x = 0, y = 0]) => `${layout.left + x * layout.scale},${y * layout.scale + 2}`).join(" ");
  const shownAt = new Map<string, string>();
  const drawn = drawing.parts.map((part) => ({ part, zone: zoneOf(part.zone) }));
  const middle = (part: Drawing["parts"][number]) => {
    const xs = part.points.map(([x = 0]) => x);
    const ys = part.points.map(([, y = 0]) => y);
    return [
      layout.left + ((Math.min(...xs) + Math.max(...xs)) / 2) * layout.scale,
      ((Math.min(...ys) + Math.max(...ys)) / 2) * layout.scale + 2,
    ];
  };
  const badge = (zone: Zone, x: number, y: number) => {
    const found = counts?.get(zone.key) ?? 0;
    const text = `${zone.state === "finished" ? "✓" : zone.state === "begun" ? "…" : ""}${found > 0 ? found : ""}`;
    if (!text) return null;
    return (
      <g pointerEvents="none" aria-hidden>
        <rect x={x - 10} y={y - 10} width={20} height={20} rx={3} fill="#fff" stroke="#1e2a24" />
        <text x={x} y={y + 5} textAnchor="middle" fontSize={13} fontWeight={600} fill="#1e2a24">
          {text}
        </text>
      </g>
    );
  };

  return (
    <Box
      component="svg"
      viewBox={`0 0 ${width} ${layout.height}`}
      role="listbox"
      tabIndex={0}
      aria-label={`${label}. ${drawing.description}`}
      aria-multiselectable
      aria-activedescendant={`${id}-${current}`}
      onKeyDown={onKey}
      onFocus={() => setFocused(true)}
      onBlur={() => setFocused(false)}
      sx={{
        width,
        maxWidth: "100%",
        height: "auto",
        display: "block",
        touchAction: "manipulation",
        fontFamily: '"Barlow Condensed"',
        "&:focus:not(:focus-visible)": { outline: "none" },
      }}
    >
      <Patterns prefix={id} size={1} />
      {drawn.map(({ part, zone }, place) => {
        const first = zone && !shownAt.has(zone.key);
        if (zone && first) shownAt.set(zone.key, part.role);
        const pick = zone
          ? { onClick: (event: React.MouseEvent) => onPick(zone.key, event.shiftKey || event.ctrlKey || event.metaKey) }
          : {};
        return (
          <g
            key={place}
            {...(first
              ? {
                  id: `${id}-${zone.key}`,
                  role: "option",
                  "aria-selected": selected.has(zone.key),
                  "aria-label": describe(zone),
                }
              : { "aria-hidden": true })}
            style={{ cursor: zone ? "pointer" : "default" }}
            pointerEvents={zone ? undefined : "none"}
            {...pick}
          >
            <polygon
              points={points(part)}
              fill={fill(zone, part.role)}
              {...(zone ? ring(zone.key) : { stroke: "#1e2a24", strokeWidth: 1 })}
            />
            {zone && <polygon points={points(part)} fill={pattern(zone)} pointerEvents="none" />}
          </g>
        );
      })}
      {drawn.map(({ part, zone }, place) => {
        const [x = 0, y = 0] = middle(part);
        return zone && drawn.findIndex((one) => one.zone?.key === zone.key) === place ? (
          <g key={place}>{badge(zone, x, y)}</g>
        ) : null;
      })}
      {drawing.to_scale && (
        <g stroke="var(--k-palette-text-secondary)" fill="none">
          <path
            d={`M${layout.left} ${layout.front.height + 12}h${layout.front.width}m0 -4v8M${layout.left} ${layout.front.height + 8}v8`}
          />
          <path
            d={`M${layout.left + layout.front.width + 12} 2v${layout.front.height}m-4 0h8M${layout.left + layout.front.width + 8} 2h8`}
          />
          <g stroke="none" fill="var(--k-palette-text-secondary)" fontSize={14}>
            <text textAnchor="middle" x={layout.left + layout.front.width / 2} y={layout.front.height + 28}>
              {drawing.width_text}
            </text>
            <text
              textAnchor="middle"
              transform={`translate(${layout.left + layout.front.width + 28} ${layout.front.height / 2}) rotate(-90)`}
            >
              {drawing.height_text}
            </text>
          </g>
        </g>
      )}
      {layout.faces.map(({ zone, x, y, width: wide, height }) => (
        <g
          key={zone.key}
          id={`${id}-${zone.key}`}
          role="option"
          aria-selected={selected.has(zone.key)}
          aria-label={describe(zone)}
          style={{ cursor: "pointer" }}
          onClick={(event) => onPick(zone.key, event.shiftKey || event.ctrlKey || event.metaKey)}
        >
          <rect x={x + 2} y={y} width={wide} height={height} fill={fill(zone)} {...ring(zone.key)} />
          <rect x={x + 2} y={y} width={wide} height={height} fill={pattern(zone)} pointerEvents="none" />
          <text aria-hidden x={x + 2} y={y + height + 13} fontSize={12.5} fill={INK}>
            {zone.label.length > 17 ? `${zone.label.slice(0, 16)}…` : zone.label}
          </text>
        </g>
      ))}
      {layout.faces.map(({ zone, x, y, width: wide, height }) => (
        <g key={zone.key}>{badge(zone, x + 2 + wide / 2, y + height / 2)}</g>
      ))}
    </Box>
  );
}
