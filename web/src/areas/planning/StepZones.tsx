// A step ticked off zone by zone; several alike one by one.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Plan, Step } from "../../api/types";

export function StepZones({ step, page, onDone }: { step: Step; page: Plan; onDone: (zones: string[]) => void }) {
  const byZone = step.zones.map((key) => ({
    label: page.zones.find((zone) => zone.key === key)?.label ?? "Hardware",
    zones: [key],
    done: step.done_zones.includes(key),
  }));
  const parts = step.units.length > 0 ? step.units : byZone;
  return (
    <Box
      role="group"
      aria-label="Done on"
      className="no-print"
      sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, my: 1 }}
    >
      {parts.map((part) => (
        <Button
          key={part.label}
          size="small"
          variant={part.done ? "contained" : "outlined"}
          disabled={part.done}
          onClick={() => onDone(part.zones.filter((key) => !step.done_zones.includes(key)))}
        >
          {part.label}
        </Button>
      ))}
    </Box>
  );
}
