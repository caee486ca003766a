// The frame of every screen: rail on the left, or bar at the bottom on a phone, and what can be opened from anywhere.
import Box from "@mui/material/Box";
import useMediaQuery from "@mui/material/useMediaQuery";
import LinearProgress from "@mui/material/LinearProgress";
import { type QueryClient, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useMemo, useState } from "react";
import { Outlet, useLocation, useNavigate } from "react-router";
import { pieceKey, useTimers, useVersion, useWorkshop } from "../api/queries";
import type { Piece } from "../api/types";
import type { Named } from "../kit/fields";
import { notePlace } from "../kit/BackDialog";
import { OpenContext } from "../kit/session/open";
import { PhoneBar } from "./PhoneBar";
import { Rail, SECTIONS } from "./Rail";
import { ReachStrip } from "./ReachStrip";
import { useToldLater } from "./useToldLater";
import { useShortcuts } from "../kit/session/shortcuts";
import { useStopTimer } from "../kit/session/useStopTimer";

// Dialogs are fetched when first opened: the first screen loads less.
const Find = lazy(() => import("./Find"));
const PieceFoot = lazy(() => import("./PieceFoot"));
const NewVersion = lazy(() => import("./NewVersion"));
const UndoList = lazy(() => import("./UndoList"));
const NewPiece = lazy(() => import("./NewPiece"));
const ShortcutList = lazy(() => import("./ShortcutList"));
const StartTimer = lazy(() => import("./StartTimer"));

type Opened = "find" | "undo" | "new" | "shortcuts" | { timerFor: Named | null } | null;

// The piece whose page is open, from what was fetched for it.
function pieceInView(client: QueryClient): Named | null {
  const id = Number(window.location.pathname.match(/^\/pieces\/(\d+)$/)?.[1]);
  const piece = client.getQueryData<Piece>(pieceKey(id));
  return piece ? { id, name: piece.fields.name ?? "" } : null;
}

export function Shell() {
  const [opened, setOpened] = useState<Opened>(null);
  const navigate = useNavigate();
  const timers = useTimers();
  const workshop = useWorkshop();
  const stop = useStopTimer();
  const location = useLocation();
  const { pathname } = location;
  const bare = pathname.endsWith("/bench"); // the whole screen for one step
  const phone = useMediaQuery("(max-width:899px)");
  const running = timers.data?.[0];
  const client = useQueryClient();

  const open = useMemo(
    () => ({
      newPiece: () => setOpened("new"),
      startTimer: (piece: Named | null) => setOpened({ timerFor: piece }),
      find: () => setOpened("find"),
      undoList: () => setOpened("undo"),
      shortcuts: () => setOpened("shortcuts"),
    }),
    [],
  );
  const actions = useMemo(() => {
    const jumps = Object.fromEntries(SECTIONS.map((section) => [section.key, () => void navigate(section.to)]));
    return {
      ...jumps,
      n: open.newPiece,
      s: () => void navigate("/scout/new"),
      "/": open.find,
      u: open.undoList,
      "?": open.shortcuts,
      t: () => (running ? void stop(running) : open.startTimer(pieceInView(client))),
    };
  }, [client, navigate, open, running, stop]);
  useShortcuts(actions);
  useEffect(notePlace, [location]);
  useVersion();
  useToldLater();

  return (
    <OpenContext.Provider value={open}>
      <Box sx={{ display: "flex", minHeight: "100vh", "@media print": { display: "block", minHeight: 0 } }}>
        <Box
          component="a"
          href="#main"
          sx={{
            position: "absolute",
            left: -9999,
            "&:focus": { left: 8, top: 8, zIndex: 20, bgcolor: "background.paper", color: "text.primary", p: 1.5 },
          }}
        >
          Skip to the page
        </Box>
        {!bare && <Rail demo={workshop.data?.demo ?? false} running={running} />}
        <Box
          component="main"
          id="main"
          tabIndex={-1}
          sx={{
            outline: "none",
            flex: 1,
            minWidth: 0,
            px: { xs: 2, md: 3.5 },
            pt: { xs: 2, md: 2.5 },
            pb: bare ? 0 : { xs: pathname.startsWith("/pieces/") ? 18 : 12, md: 6 },
            maxWidth: 1240,
            "@media print": { p: 0, maxWidth: "none" },
          }}
        >
          <ReachStrip />
          <Suspense fallback={<LinearProgress aria-label="Opening" />}>
            <Outlet />
          </Suspense>
        </Box>
        {!bare && <PhoneBar running={running} />}
        <Suspense>{!bare && phone && <PieceFoot />}</Suspense>
      </Box>
      <Suspense>
        <NewVersion />
        {opened === "find" && <Find onClose={() => setOpened(null)} />}
        {opened === "undo" && <UndoList onClose={() => setOpened(null)} />}
        {opened === "new" && <NewPiece onClose={() => setOpened(null)} />}
        {opened === "shortcuts" && <ShortcutList onClose={() => setOpened(null)} />}
        {opened && typeof opened === "object" && <StartTimer piece={opened.timerFor} onClose={() => setOpened(null)} />}
      </Suspense>
    </OpenContext.Provider>
  );
}
