// Where the zones of a piece are drawn: its front to scale, and below it, smaller, the faces that are not seen from
// there.
import type { Drawing, Zone } from "../../api/types";

export type Face = { zone: Zone; x: number; y: number; width: number; height: number };
export type Layout = {
  scale: number;
  left: number;
  front: { width: number; height: number };
  faces: Face[];
  height: number;
};

const SMALLEST = 34; // px, to be touched
const GAP = 8;
const LABEL = 15;

export function layOut(drawing: Drawing, zones: Zone[], width: number, most: number): Layout {
  const seen = new Set(drawing.parts.map((part) => part.zone));
  const scale = Math.min((width - 46) / drawing.width, most / drawing.height);
  const front = { width: drawing.width * scale, height: drawing.height * scale };
  const largest = Math.max(...zones.map((zone) => Math.max(zone.width, zone.height)), 1);
  const small = 92 / largest;
  const faces: Face[] = [];
  let [x, y, row] = [0, front.height + 44, 0];
  for (const zone of zones.filter((one) => !seen.has(one.key))) {
    const size = { width: Math.max(zone.width * small, SMALLEST), height: Math.max(zone.height * small, SMALLEST) };
    const room = Math.max(size.width, 78);
    if (x > 0 && x + room > width) [x, y, row] = [0, y + row + LABEL + GAP, 0];
    faces.push({ zone, x, y, ...size });
    x += room + GAP;
    row = Math.max(row, size.height);
  }
  return {
    scale,
    left: (width - 46 - front.width) / 2,
    front,
    faces,
    height: faces.length ? y + row + LABEL + 2 : front.height + 34,
  };
}
