// The running timer, large: stop it, or say how long it really was where it was forgotten.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "@mui/material/Link";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link as RouterLink } from "react-router";
import { api } from "../../api/client";
import type { Timer } from "../../api/types";
import { useUndo } from "../../app/undo";
import { useStopTimer } from "../../app/useStopTimer";
import { EffortEcho } from "../../kit/EffortEcho";
import { Ticking } from "../../kit/Ticking";

export function RunningTimer({ timer, people }: { timer: Timer; people: number }) {
  const stop = useStopTimer();
  const { remove } = useUndo();
  const [effort, setEffort] = useState("");
  const [asked, setAsked] = useState(timer.long);
  return (
    <Box
      component="section"
      aria-label={`Timer of ${timer.person.name}`}
      sx={{
        borderTop: 2,
        borderBottom: 1,
        borderColor: "primary.main",
        bgcolor: "background.paper",
        px: 2,
        py: 2,
        mb: 3,
      }}
    >
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2, alignItems: "center" }}>
        <Box sx={{ color: "primary.main" }}>
          <Ticking timer={timer} large />
        </Box>
        <Box sx={{ flex: "1 1 220px" }}>
          <Typography sx={{ fontWeight: 600, fontSize: 19 }}>{timer.label}</Typography>
          <Box>
            {timer.pieces.map((piece, place) => (
              <span key={piece.id}>
                {place > 0 && " + "}
                <Link component={RouterLink} to={`/pieces/${piece.id}`} sx={{ textDecoration: "underline" }}>
                  {piece.name}
                </Link>
              </span>
            ))}
          </Box>
          <Box sx={{ color: "text.secondary" }}>
            since {timer.started_text}
            {people > 1 && `, ${timer.person.name}`}
            {timer.pieces.length > 1 && ", shared equally"}
          </Box>
        </Box>
        <Box sx={{ display: "flex", columnGap: 0.5, rowGap: 1, flexWrap: "wrap" }}>
          <Button variant="contained" size="large" onClick={() => void stop(timer, effort || undefined)}>
            Stop and record
          </Button>
          {!asked && <Button onClick={() => setAsked(true)}>It was not that long</Button>}
          <Button color="inherit" onClick={() => remove(api.DELETE("/api/timers/{id}", { params: { path: { id: timer.id } } }))}>
            Discard
          </Button>
        </Box>
      </Box>
      {asked && (
        <Box sx={{ mt: 2, display: "grid", gap: 1, maxWidth: 420 }}>
          {timer.long && <Alert severity="warning">Running since {timer.started_text}. If it was forgotten, say how long the work took.</Alert>}
          <TextField
            label="How long it really was"
            value={effort}
            onChange={(event) => setEffort(event.target.value)}
            helperText={<EffortEcho text={effort} help="Leave empty to record the time on the clock" />}
          />
        </Box>
      )}
    </Box>
  );
}
