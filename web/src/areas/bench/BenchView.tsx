// At the bench: one step at a time over the whole screen, to be read from two metres and worked with one dirty thumb.
// The screen is kept awake; what dries is called out when it is dry.
import Box from "@mui/material/Box";
import LinearProgress from "@mui/material/LinearProgress";
import { useState, useEffect, useRef } from "react";
import { Link, useParams } from "react-router";
import { usePlan, useTimers, useToday } from "../../api/queries";
import type { Plan, Steps, DryingClock } from "../../api/types";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { nextOf } from "../../kit/nextStep";
import { Ticking } from "../../kit/Ticking";
import { BenchBar } from "./BenchBar";
import { BenchStep } from "./BenchStep";
import { ClockFace } from "./ClockFace";
import { useUndo } from "../../kit/session/undo";
import { Row } from "../../kit/layout";
import { t } from "../../locales/bench";

// Calls out when something is dry, while the page is open: two short tones, a shake, a sentence. Elsewhere the calendar
// does.
const LONGEST = 86_400; // seconds; browsers count no further than some weeks

function ring(): void {
  navigator.vibrate?.([200, 100, 200]);
  const audio = new AudioContext();
  [0, 0.35].forEach((at) => {
    const tone = audio.createOscillator();
    tone.frequency.value = 660;
    tone.connect(audio.destination);
    tone.start(audio.currentTime + at);
    tone.stop(audio.currentTime + at + 0.22);
  });
  setTimeout(() => void audio.close(), 1500);
}

function useDryBell(clocks: DryingClock[]): void {
  const { done } = useUndo();
  const called = useRef(new Set<string>());
  const coming = clocks.filter((clock) => !clock.over && clock.free_in > 0 && clock.free_in < LONGEST);
  const key = coming.map((clock) => `${clock.piece.id} ${clock.step} ${clock.free_in}`).join();
  const say = useRef(done);
  useEffect(() => {
    say.current = done;
  }, [done]);
  useEffect(() => {
    const timers = coming.map((clock) =>
      setTimeout(() => {
        const name = `${clock.piece.id} ${clock.step} ${clock.free}`;
        if (called.current.has(name)) return;
        called.current.add(name);
        ring();
        say.current(t("benchView.drySinceCanGo", { piece: clock.piece.name, clock: clock.label, free: clock.free }));
      }, clock.free_in * 1000),
    );
    return () => timers.forEach(clearTimeout);
    // The list is drawn again each time; what it holds is in the key.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
}

export default function BenchView() {
  const id = Number(useParams().id);
  const plan = usePlan(id);
  useWakeLock();
  if (plan.error && !isKept(plan)) return <Failure error={plan.error} again={() => void plan.refetch()} />;
  if (!plan.data) return <LinearProgress aria-label={t("benchView.loadingPlan")} />;
  return plan.data.plan && !plan.data.plan.over ? (
    <AtWork key={id} page={plan.data} plan={plan.data.plan} />
  ) : (
    <Rest
      page={plan.data}
      text={plan.data.plan ? t("benchView.workPieceFinished") : t("benchView.theresPlanYetChoose")}
    />
  );
}

const Rest = ({ page, text }: { page: Plan; text: string }) => (
  <Box sx={{ fontSize: 24 }}>
    <Box component="h1" sx={{ fontSize: 32, my: 1 }}>
      {page.name}
    </Box>
    {text} <Link to={`/pieces/${page.id}`}>{t("benchView.backPiece")}</Link>
  </Box>
);

function AtWork({ page, plan }: { page: Plan; plan: Steps }) {
  const [skipped, skip] = useState<string[]>([]); // looked past for now, not done
  const timers = useTimers().data ?? [];
  const drying = useToday().data?.drying ?? [];
  const open = plan.steps.filter((step) => step.state !== "done");
  const running = timers.find((timer) => timer.steps.some((one) => one.piece_id === page.id));
  const onIt = running?.steps.find((one) => one.piece_id === page.id)?.step;
  const left = {
    ...plan,
    steps: plan.steps.map((step) => (skipped.includes(step.key) ? { ...step, state: "done" as const } : step)),
  };
  const step = open.find((one) => one.key === onIt) ?? nextOf(left) ?? nextOf(plan) ?? open[0];
  if (!step) return <Rest page={page} text={t("benchView.everythingPlanDone")} />;
  const others = timers.filter((timer) => timer !== running);
  return (
    <Box sx={{ display: "flex", flexDirection: "column", minHeight: "calc(100dvh - 32px)" }} data-bench={step.key}>
      <Row wrap={false} gap={2} sx={{ justifyContent: "space-between", color: "text.secondary", minHeight: 44 }}>
        <Link to={`/pieces/${page.id}`} style={{ display: "inline-flex", alignItems: "center", minHeight: 44 }}>
          {page.name}
        </Link>
        <span>{t("benchView.step", { steps: plan.steps.indexOf(step) + 1, count: plan.steps.length })}</span>
      </Row>
      <BenchStep step={step} page={page} />
      <DryLines clocks={drying.filter((clock) => clock.piece.id === page.id)} />
      {running && (
        <Row gap={1.5} align="baseline" sx={{ color: "primary.main", mt: 1.5 }}>
          <Ticking timer={running} large />
          <Box component="span" sx={{ color: "text.secondary", fontSize: 18 }}>
            {[step.time && t("benchView.aboutAll", { time: step.time.text }), timers.length > 1 && running.person.name]
              .filter(Boolean)
              .join(" · ")}
          </Box>
        </Row>
      )}
      {others.map((timer) => (
        <Row key={timer.id} wrap={false} align="baseline" sx={{ mt: 1, color: "text.secondary" }}>
          <Ticking timer={timer} />
          {`${timer.person.name}: ${timer.steps[0]?.label ?? timer.label.toLowerCase()}, ${timer.pieces.map((one) => one.name).join(" + ")}`}
        </Row>
      ))}
      <Box sx={{ flex: 1, minHeight: 16 }} />
      <BenchBar
        page={page}
        step={step}
        running={running}
        onNext={() => skip(nextOf(left) ? [...skipped, step.key] : [])}
      />
    </Box>
  );
}

// Keeps the screen awake while the page is in view, where the browser can.
function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const hold = async () => {
      if (document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
      const held = await navigator.wakeLock.request("screen").catch(() => null);
      if (gone) await held?.release();
      else lock = held;
    };
    const again = () => void hold(); // it is lost whenever the page is out of view
    again();
    document.addEventListener("visibilitychange", again);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", again);
      void lock?.release();
    };
  }, []);
}

// What dries on this piece, and until when: called out once it is dry, with a sound and a shake where the device has
// them.
function DryLines({ clocks }: { clocks: DryingClock[] }) {
  useDryBell(clocks);
  return clocks.map((clock) => (
    <Row
      key={clock.step}
      wrap={false}
      gap={1.5}
      sx={{ borderLeft: 6, borderColor: "warning.main", pl: 1.5, mt: 1.5, fontSize: 20 }}
    >
      <ClockFace left={clock.left} over={clock.over} />
      <span>
        {clock.label}: {clock.over ? t("benchView.drySince") : t("benchView.wetUntil")} <b>{clock.free}</b>
      </span>
    </Row>
  ));
}
