// At the bench: one step at a time over the whole screen, to be read from two metres and worked with one dirty thumb.
// The screen is kept awake; what dries is called out when it is dry.
import Box from "@mui/material/Box";
import LinearProgress from "@mui/material/LinearProgress";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { usePlan, useTimers, useToday } from "../../api/queries";
import type { Plan, Steps } from "../../api/types";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { nextOf } from "../../kit/nextStep";
import { Ticking } from "../../kit/Ticking";
import { BenchBar } from "./BenchBar";
import { BenchStep } from "./BenchStep";
import { DryLines } from "./DryLines";
import { useWakeLock } from "./useWakeLock";

export default function BenchView() {
  const id = Number(useParams().id);
  const plan = usePlan(id);
  useWakeLock();
  if (plan.error && !isKept(plan)) return <Failure error={plan.error} again={() => void plan.refetch()} />;
  if (!plan.data) return <LinearProgress aria-label="Loading the plan" />;
  return plan.data.plan && !plan.data.plan.over ? (
    <AtWork key={id} page={plan.data} plan={plan.data.plan} />
  ) : (
    <Rest
      page={plan.data}
      text={plan.data.plan ? "The work on it is over." : "There is no plan yet: choose a look first."}
    />
  );
}

const Rest = ({ page, text }: { page: Plan; text: string }) => (
  <Box sx={{ fontSize: 24 }}>
    <Box component="h1" sx={{ fontSize: 32, my: 1 }}>
      {page.name}
    </Box>
    {text} <Link to={`/pieces/${page.id}`}>Back to the piece</Link>
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
  if (!step) return <Rest page={page} text="Everything in the plan is done." />;
  const others = timers.filter((timer) => timer !== running);
  return (
    <Box sx={{ display: "flex", flexDirection: "column", minHeight: "calc(100dvh - 32px)" }} data-bench={step.key}>
      <Box
        sx={{
          display: "flex",
          justifyContent: "space-between",
          gap: 2,
          color: "text.secondary",
          minHeight: 44,
          alignItems: "center",
        }}
      >
        <Link to={`/pieces/${page.id}`} style={{ display: "inline-flex", alignItems: "center", minHeight: 44 }}>
          {page.name}
        </Link>
        <span>{`step ${plan.steps.indexOf(step) + 1} of ${plan.steps.length}`}</span>
      </Box>
      <BenchStep step={step} page={page} />
      <DryLines clocks={drying.filter((clock) => clock.piece.id === page.id)} />
      {running && (
        <Box
          sx={{ color: "primary.main", mt: 1.5, display: "flex", alignItems: "baseline", gap: 1.5, flexWrap: "wrap" }}
        >
          <Ticking timer={running} large />
          <Box component="span" sx={{ color: "text.secondary", fontSize: 18 }}>
            {[step.time && `of about ${step.time.text}`, timers.length > 1 && running.person.name]
              .filter(Boolean)
              .join(" · ")}
          </Box>
        </Box>
      )}
      {others.map((timer) => (
        <Box key={timer.id} sx={{ display: "flex", gap: 1, alignItems: "baseline", mt: 1, color: "text.secondary" }}>
          <Ticking timer={timer} />
          {`${timer.person.name}: ${timer.steps[0]?.label ?? timer.label.toLowerCase()}, ${timer.pieces.map((one) => one.name).join(" + ")}`}
        </Box>
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
