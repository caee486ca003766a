// A running timer's time: as the server counted it, ticking on from there.
import Box from "@mui/material/Box";
import { useEffect, useState } from "react";
import type { Timer } from "../api/types";

export function Ticking({ timer, large = false }: { timer: Timer; large?: boolean }) {
  const counted = timer.elapsed?.seconds ?? 0;
  const [since, setSince] = useState(0);
  useEffect(() => {
    const start = performance.now();
    const tick = setInterval(() => setSince(Math.floor((performance.now() - start) / 1000)), 1000);
    return () => clearInterval(tick);
  }, [counted, timer.id]);
  const seconds = counted + since;
  const two = (value: number) => String(value).padStart(2, "0");
  return (
    <Box
      component="span"
      role="timer"
      sx={{ fontWeight: 600, fontSize: large ? { xs: 52, md: 60 } : 20, lineHeight: 1.1 }}
    >
      {Math.floor(seconds / 3600)}:{two(Math.floor(seconds / 60) % 60)}
      <Box component="span" sx={{ fontSize: "0.6em", color: "text.secondary" }}>
        :{two(seconds % 60)}
      </Box>
    </Box>
  );
}
