// What runs, in view on every page of a phone: a tap leads to the bench.
import Box from "@mui/material/Box";
import visuallyHidden from "@mui/utils/visuallyHidden";
import { Link, useLocation } from "react-router";
import type { Timer } from "../api/types";
import { Ticking } from "../kit/Ticking";

export function RunningPill({ timers }: { timers: Timer[] }) {
  const { pathname } = useLocation();
  const timer = timers[0];
  if (!timer || pathname === "/") return null; // Today has it, large
  const step = timer.steps[0];
  return (
    <Box
      component={Link}
      to={step ? `/pieces/${step.piece_id}/bench` : "/"}
      className="no-print"
      data-running
      sx={{
        display: { xs: "inline-flex", md: "none" },
        position: "fixed",
        top: 6,
        right: 8,
        zIndex: 9,
        minHeight: 44,
        px: 1.5,
        alignItems: "center",
        gap: 1,
        borderRadius: 6,
        border: 2,
        borderColor: "primary.main",
        bgcolor: "background.paper",
        color: "primary.main",
        textDecoration: "none",
      }}
    >
      <span style={visuallyHidden}>{`${timer.person.name}: ${timer.label}`}</span>
      <Ticking timer={timer} />
      {timers.length > 1 && <span>{`+ ${timers.length - 1}`}</span>}
    </Box>
  );
}
