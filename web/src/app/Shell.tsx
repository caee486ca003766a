// The frame of every screen: rail on the left, or bar at the bottom on a phone, and what can be opened from anywhere.
import Box from "@mui/material/Box";
import LinearProgress from "@mui/material/LinearProgress";
import { lazy, Suspense, useMemo, useState } from "react";
import { Outlet, useNavigate } from "react-router";
import { useToday, useWorkshop } from "../api/queries";
import { OpenContext } from "./open";
import { PhoneBar, Rail, SECTIONS } from "./Rail";
import { useShortcuts } from "./shortcuts";
import { useStopTimer } from "./useStopTimer";

// Dialogs are fetched when first opened: the first screen loads less.
const FindPiece = lazy(() => import("./FindPiece"));
const NewPiece = lazy(() => import("./NewPiece"));
const ShortcutList = lazy(() => import("./ShortcutList"));
const StartTimer = lazy(() => import("./StartTimer"));

type Opened = "find" | "new" | "shortcuts" | { timerFor: number | null } | null;

export function Shell() {
  const [opened, setOpened] = useState<Opened>(null);
  const navigate = useNavigate();
  const today = useToday();
  const workshop = useWorkshop();
  const stop = useStopTimer();
  const running = today.data?.timers[0];
  const onPiece = () => Number(window.location.pathname.match(/^\/pieces\/(\d+)$/)?.[1]) || null;

  const open = useMemo(
    () => ({
      newPiece: () => setOpened("new"),
      startTimer: (pieceId: number | null) => setOpened({ timerFor: pieceId }),
      find: () => setOpened("find"),
      shortcuts: () => setOpened("shortcuts"),
    }),
    [],
  );
  const actions = useMemo(() => {
    const jumps = Object.fromEntries(SECTIONS.map((section) => [section.key, () => void navigate(section.to)]));
    return {
      ...jumps,
      n: open.newPiece,
      "/": open.find,
      "?": open.shortcuts,
      t: () => (running ? stop(running) : open.startTimer(onPiece())),
    };
  }, [navigate, open, running, stop]);
  useShortcuts(actions);

  return (
    <OpenContext.Provider value={open}>
      <Box sx={{ display: "flex", minHeight: "100vh" }}>
        <Rail demo={workshop.data?.demo ?? false} running={running} />
        <Box
          component="main"
          sx={{
            flex: 1,
            minWidth: 0,
            px: { xs: 2, md: 3.5 },
            pt: { xs: 2, md: 2.5 },
            pb: { xs: 12, md: 6 },
            maxWidth: 1240,
          }}
        >
          <Suspense fallback={<LinearProgress aria-label="Opening" />}>
            <Outlet />
          </Suspense>
        </Box>
        <PhoneBar />
      </Box>
      <Suspense>
        {opened === "find" && <FindPiece onClose={() => setOpened(null)} />}
        {opened === "new" && <NewPiece onClose={() => setOpened(null)} />}
        {opened === "shortcuts" && <ShortcutList onClose={() => setOpened(null)} />}
        {opened && typeof opened === "object" && <StartTimer pieceId={opened.timerFor} onClose={() => setOpened(null)} />}
      </Suspense>
    </OpenContext.Provider>
  );
}
