// What dries on this piece, and until when: called out once it is dry, with a sound and a shake where the device has
// them.
import Box from "@mui/material/Box";
import type { DryingClock } from "../../api/types";
import { ClockFace } from "./ClockFace";
import { useDryBell } from "./useDryBell";

export function DryLines({ clocks }: { clocks: DryingClock[] }) {
  useDryBell(clocks);
  return clocks.map((clock) => (
    <Box
      key={clock.step}
      sx={{
        display: "flex",
        gap: 1.5,
        alignItems: "center",
        borderLeft: 6,
        borderColor: "warning.main",
        pl: 1.5,
        mt: 1.5,
        fontSize: 20,
      }}
    >
      <ClockFace left={clock.left} over={clock.over} />
      <span>
        {clock.label}: {clock.over ? "free since" : "wet until"} <b>{clock.free}</b>
      </span>
    </Box>
  ));
}
