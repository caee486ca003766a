// What comes next on a piece: the next step of its plan, large, with what starts it; else the event it waits for.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import { usePlan } from "../../api/queries";
import type { Plan, Step, Steps } from "../../api/types";
import { Chips } from "../../kit/Chips";
import { nextOf } from "../../kit/nextStep";
import { RowMenu } from "../../kit/RowMenu";
import { drying, useBlocks } from "../../kit/session/useBlocks";
import { useTick } from "../../kit/session/useTick";
import { useUndo } from "../../kit/session/undo";
import { useStartStep } from "../../kit/useStartStep";
import { Row } from "../../kit/layout";

export function WhatNext({ id }: { id: number }) {
  const { data } = usePlan(id);
  if (!data) return <LinearProgress aria-label="Loading the plan" sx={{ mb: 17 }} />;
  if (!data.plan || (data.plan.over && !nextOf(data.plan))) return null; // ready, and nothing to touch up
  return <NextStep page={data} plan={data.plan} />;
}

export function NoPlan({ id }: { id: number }) {
  return (
    <Box sx={{ mb: 2 }}>
      <Typography sx={{ fontSize: 24, fontWeight: 600, lineHeight: 1.25, mb: 1 }}>
        Look it over, choose a look
      </Typography>
      <Typography sx={{ mb: 1.5, color: "text.secondary" }}>
        From what is found and how it is to look, the plan follows: steps with times, materials, cost and the day it can
        be ready.
      </Typography>
      <Row align="stretch">
        <Button component={Link} to={`/pieces/${id}/over`} variant="contained">
          Look it over
        </Button>
        <Button component={Link} to={`/pieces/${id}/look`} variant="outlined">
          Choose a look
        </Button>
      </Row>
    </Box>
  );
}

function NextStep({ page, plan }: { page: Plan; plan: Steps }) {
  const step = nextOf(plan);
  const link = `/pieces/${page.id}/plan`;
  if (!step)
    return (
      <Box sx={{ mb: 2 }}>
        <Typography sx={{ fontSize: 24, fontWeight: 600 }}>Everything in the plan is done</Typography>
        <Link to={link}>The whole plan</Link>
      </Box>
    );
  return <Next key={step.key} page={page} plan={plan} step={step} link={link} />;
}

function Next({ page, plan, step, link }: { page: Plan; plan: Steps; step: Step; link: string }) {
  const [why, setWhy] = useState(false);
  const [start, questions] = useStartStep();
  const { failed } = useUndo();
  const tick = useTick(page.id);
  const wet = drying(useBlocks(step, page.id));
  const answered = step.lead || step.decide || step.try !== null;
  const unread = step.cautions.filter((one) => one.serious && !one.confirmed);
  const number = plan.steps.indexOf(step) + 1;
  return (
    <Box data-next={step.key} sx={{ mb: 2.5 }}>
      <Row
        wrap={false}
        gap={2}
        align="stretch"
        sx={{ justifyContent: "space-between", color: "text.secondary", fontSize: 15 }}
      >
        <span>{`Next · ${step.remaining?.seconds ? step.remaining.text : step.time?.text}`}</span>
        <span>{`step ${number} of ${plan.steps.length}`}</span>
      </Row>
      <Typography component="h2" sx={{ fontSize: 25, fontWeight: 600, lineHeight: 1.2, mb: 0.75 }}>
        {step.label}
      </Typography>
      <Chips
        texts={[
          step.where,
          ...step.materials.map((one) => `${one.text} ${one.label}`),
          step.wait && `then wait ${step.wait}`,
        ]}
      />
      {unread.map((one) => (
        <Box key={one.key} sx={{ borderLeft: 5, borderColor: "warning.main", pl: 1.5, my: 1, color: "text.primary" }}>
          {one.text}
        </Box>
      ))}
      {wet.map((block) => (
        <Box key={block.text} role="note" sx={{ color: "warning.main", mt: 1 }}>
          {block.text}
        </Box>
      ))}
      <Row sx={{ mt: 1 }} className="no-print">
        {answered ? (
          <Button variant="contained" component={Link} to={link}>
            Answer it in the plan
          </Button>
        ) : (
          <>
            <Button variant="contained" onClick={() => start({ piece_id: page.id, step: step.key, label: step.label })}>
              Start
            </Button>
            <Button variant="outlined" component={Link} to={`/pieces/${page.id}/bench`}>
              At the bench
            </Button>
            {unread.length === 0 && wet.length === 0 && (
              <Button variant="outlined" onClick={() => void tick(step).catch(failed)}>
                Done already
              </Button>
            )}
          </>
        )}
        <Button aria-expanded={why} onClick={() => setWhy(!why)}>
          Why now
        </Button>
        <RowMenu
          name={step.label}
          actions={[
            { label: "The whole plan", to: link },
            { label: "Another look", to: `/pieces/${page.id}/look` },
          ]}
        />
      </Row>
      {why && (
        <Box sx={{ mt: 1, color: "text.secondary" }}>
          {step.why}
          {step.done_when && ` Done when: ${step.done_when}.`}
        </Box>
      )}
      <Box sx={{ mt: 1, color: "text.secondary" }}>
        {`${plan.remaining?.text} to come. ${plan.ready.on ? `Ready ${plan.ready.on.text}.` : `No day yet: ${plan.ready.why}.`} `}
        <Link to={link}>The whole plan</Link>
      </Box>
      {questions}
    </Box>
  );
}
