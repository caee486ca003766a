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
import { t } from "../../locales/flips";

export function WhatNext({ id }: { id: number }) {
  const { data } = usePlan(id);
  if (!data) return <LinearProgress aria-label={t("whatNext.loadingPlan")} sx={{ mb: 17 }} />;
  if (!data.plan || (data.plan.over && !nextOf(data.plan))) return null; // ready, and nothing to touch up
  return <NextStep page={data} plan={data.plan} />;
}

export function NoPlan({ id }: { id: number }) {
  return (
    <Box sx={{ mb: 2 }}>
      <Typography sx={{ fontSize: 24, fontWeight: 600, lineHeight: 1.25, mb: 1 }}>
        {t("whatNext.inspectChooseLook")}
      </Typography>
      <Typography sx={{ mb: 1.5, color: "text.secondary" }}>{t("whatNext.thenMakesPlanSteps")}</Typography>
      <Row align="stretch">
        <Button component={Link} to={`/pieces/${id}/over`} variant="contained">
          {t("whatNext.inspect")}
        </Button>
        <Button component={Link} to={`/pieces/${id}/look`} variant="outlined">
          {t("whatNext.chooseLook")}
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
        <Typography sx={{ fontSize: 24, fontWeight: 600 }}>{t("whatNext.everythingPlanDone")}</Typography>
        <Link to={link}>{t("whatNext.wholePlan")}</Link>
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
        <span>{t("whatNext.next", { more: step.remaining?.seconds ? step.remaining.text : step.time?.text })}</span>
        <span>{t("whatNext.step", { number, count: plan.steps.length })}</span>
      </Row>
      <Typography component="h2" sx={{ fontSize: 25, fontWeight: 600, lineHeight: 1.2, mb: 0.75 }}>
        {step.label}
      </Typography>
      <Chips
        texts={[
          step.where,
          ...step.materials.map((one) => `${one.text} ${one.label}`),
          step.wait && t("whatNext.thenWait", { wait: step.wait }),
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
            {t("whatNext.answerPlan")}
          </Button>
        ) : (
          <>
            <Button variant="contained" onClick={() => start({ piece_id: page.id, step: step.key, label: step.label })}>
              {t("whatNext.start")}
            </Button>
            <Button variant="outlined" component={Link} to={`/pieces/${page.id}/bench`}>
              {t("whatNext.benchView")}
            </Button>
            {unread.length === 0 && wet.length === 0 && (
              <Button variant="outlined" onClick={() => void tick(step).catch(failed)}>
                {t("whatNext.alreadyDone")}
              </Button>
            )}
          </>
        )}
        <Button aria-expanded={why} onClick={() => setWhy(!why)}>
          {t("whatNext.whyNow")}
        </Button>
        <RowMenu
          name={step.label}
          actions={[
            { label: t("whatNext.wholePlan"), to: link },
            { label: t("whatNext.anotherLook"), to: `/pieces/${page.id}/look` },
          ]}
        />
      </Row>
      {why && (
        <Box sx={{ mt: 1, color: "text.secondary" }}>
          {step.why}
          {step.done_when && t("whatNext.doneWhen", { donewhen: step.done_when })}
        </Box>
      )}
      <Box sx={{ mt: 1, color: "text.secondary" }}>
        {t("whatNext.aboutWorkLeft", {
          remaining: plan.remaining?.text,
          more: plan.ready.on
            ? t("whatNext.ready", { on: plan.ready.on.text })
            : t("whatNext.readyDateYet", { why: plan.ready.why }),
        })}
        <Link to={link}>{t("whatNext.wholePlan")}</Link>
      </Box>
      {questions}
    </Box>
  );
}
