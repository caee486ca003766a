// Whole groups of zones with one touch: all fronts, carcass, everything that is seen.
import Button from "@mui/material/Button";
import type { Zone } from "../../api/types";
import { Row } from "../layout";
import { t } from "../../locales/kit";

type Props = { zones: Zone[]; selected: Set<string>; onSelect: (keys: string[]) => void };

export function ZoneGroups({ zones, selected, onSelect }: Props) {
  const groups = [...new Set(zones.map((zone) => zone.group))].map((group) => {
    const inside = zones.filter((zone) => zone.group === group);
    return { label: inside[0]?.group_label ?? group, keys: inside.map((zone) => zone.key) };
  });
  const seen = {
    label: t("zoneGroups.everythingVisible"),
    keys: zones.filter((zone) => zone.shown).map((zone) => zone.key),
  };
  const on = (keys: string[]) => keys.length === selected.size && keys.every((key) => selected.has(key));
  return (
    <Row
      role="group"
      aria-label={t("zoneGroups.groupsZones")}
      className="no-print"
      gap={0.5}
      align="stretch"
      sx={{ mt: 1 }}
    >
      {[seen, ...groups].map(({ label, keys }) => (
        <Button
          key={label}
          size="small"
          variant={on(keys) ? "contained" : "outlined"}
          aria-pressed={on(keys)}
          onClick={() => onSelect(on(keys) ? [] : keys)}
        >
          {label}
        </Button>
      ))}
    </Row>
  );
}
