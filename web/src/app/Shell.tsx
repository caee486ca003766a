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
import { notePlace } from "../kit/dialogPlaces";
import { OpenContext } from "../kit/session/open";
import { PhoneBar } from "./PhoneBar";
import { Rail, SECTIONS } from "./Rail";
import { useShortcuts } from "../kit/session/shortcuts";
import { useStopTimer } from "../kit/session/useStopTimer";
import { TOLD } from "../api/device/sender";
import { useUndo } from "../kit/session/undo";
import ButtonBase from "@mui/material/ButtonBase";
import { useReach } from "../api/device/reach";
import { useWaiting } from "../api/device/outbox";
import { t } from "../locales/app";
import { speak } from "../locales/i18n";

// Says, while it is so, that the device is offline, and what waits on this device to be told. A tap lists it.
const Waiting = lazy(() => import("./Waiting"));

const things = (count: number) => t("shell.changesSync", { count });

function ReachStrip() {
  const { within, since } = useReach();
  const waiting = useWaiting();
  const [open, setOpen] = useState(false);
  const refused = waiting.filter((entry) => entry.refused).length;
  const quiet = within && waiting.length === 0;
  if (quiet && !open) return null;
  const at = since.toLocaleTimeString(undefined, { hour: "2-digit", minute: "2-digit" });
  const said = [
    !within && t("shell.offlineSinceShowingLast", { at }),
    waiting.length > refused && things(waiting.length - refused),
    refused > 0 && t("shell.changesNeedFixing", { count: refused }),
  ].filter(Boolean);
  return (
    <>
      {!quiet && (
        <ButtonBase
          onClick={() => setOpen(true)}
          className="no-print"
          data-reach
          sx={{
            position: "sticky",
            top: 0,
            zIndex: 8,
            width: "100%",
            minHeight: 44,
            mb: 1.5,
            px: 1.5,
            justifyContent: "flex-start",
            textAlign: "left",
            font: "inherit",
            color: "text.primary",
            bgcolor: "background.paper",
            borderLeft: 5,
            borderBottom: 1,
            borderColor: refused > 0 ? "error.main" : "warning.main",
          }}
        >
          <Box component="span" role="status">{`${said.join(" · ")}.`}</Box>
        </ButtonBase>
      )}
      <Suspense>{open && <Waiting onClose={() => setOpen(false)} />}</Suspense>
    </>
  );
}

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
  const language = workshop.data?.language;
  useEffect(() => {
    if (language) speak(language);
  }, [language]);
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
          {t("shell.skipMainContent")}
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
          <Suspense fallback={<LinearProgress aria-label={t("shell.opening")} />}>
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

// Says what became of the changes that waited on this device, once they were sent.
type Told = { sent: number; said: string[] };

function useToldLater(): void {
  const { done } = useUndo();
  useEffect(() => {
    const say = (event: Event) => {
      const { sent, said } = (event as CustomEvent<Told>).detail;
      done([t("shell.synced", { more: t("shell.changes", { count: sent }) }), ...said].join(". "));
    };
    window.addEventListener(TOLD, say);
    return () => window.removeEventListener(TOLD, say);
  }, [done]);
}
