// Which zones are picked, and how the drawing shows them.
import { useState } from "react";
import type { Plan } from "../../api/types";
import type { ZoneLook } from "../../kit/zones/ZoneMap";
import { t } from "../../locales/planning";

export function useZones(page: Plan) {
  const [picked, setPicked] = useState<string[]>([]);
  const keys = new Set(page.zones.map((zone) => zone.key));
  const selected = new Set(picked.filter((key) => keys.has(key)));
  const pick = (zone: string, several: boolean) => {
    if (several)
      return setPicked(selected.has(zone) ? [...selected].filter((key) => key !== zone) : [...selected, zone]);
    setPicked(selected.size === 1 && selected.has(zone) ? [] : [zone]);
  };
  return { selected, pick, select: setPicked };
}

export function looksOf(page: Plan, lookId?: number): Map<string, ZoneLook> {
  const look = page.looks.find((one) => (lookId ? one.id === lookId : one.chosen));
  if (look)
    return new Map(
      look.zones.map((row) => [
        row.zone,
        { finish: row.finish, colour: row.swatch, name: row.colour_name, label: row.label },
      ]),
    );
  const { body_colour: body, front_colour: front } = page.drawing;
  const colour = (group: string) => (["fronts", "doors"].includes(group) ? (front ?? body) : body);
  return new Map(
    page.zones.map((zone) => [
      zone.key,
      { finish: "bought", colour: colour(zone.group), name: null, label: t("useZones.asIs") },
    ]),
  );
}
