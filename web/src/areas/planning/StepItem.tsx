// One step: what, where, how long, and with a tap all that must be known before it starts.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api } from "../../api/client";
import type { Plan, Step, Steps, Workshop } from "../../api/types";
import { drying, useBlocks } from "../../kit/session/useBlocks";
import { useTick } from "../../kit/session/useTick";
import { useUndo } from "../../kit/session/undo";
import { RowMenu } from "../../kit/RowMenu";
import { useStartStep } from "../../kit/useStartStep";
import { Basis } from "./Basis";
import { StepCautions } from "./StepCautions";
import { StepEdits } from "./StepEdits";
import { StepFacts } from "./StepFacts";
import { StepMaterials } from "./StepMaterials";
import { StepResult } from "./StepResult";
import { useDoneUpTo } from "./useDoneUpTo";
import { FormDialog } from "../../kit/FormDialog";
import { useMoveStep } from "../../kit/useMoveStep";
import { Row } from "../../kit/layout";
import { t } from "../../locales/planning";

type Props = {
  step: Step;
  number: number | undefined; // none within a line, which has it
  page: Plan;
  plan: Steps;
  workshop: Workshop;
  next: boolean;
  told: boolean; // whether all about the next one is open from the start
  lit: boolean; // the piece is shown as it stands before it
  onLook: () => void;
};

export function StepItem({ step, number, page, plan, workshop, next, told, lit, onLook }: Props) {
  const [open, setOpen] = useState(next && told);
  const [after, setAfter] = useState<string | null>(null); // what to do now that it was done although it should not have been
  const [moving, setMoving] = useState(false);
  const { remove, failed } = useUndo();
  const tick = useTick(page.id);
  const [start, questions] = useStartStep();
  const path = { params: { path: { id: page.id } } };
  const wet = drying(useBlocks(step, page.id));
  const unread = step.cautions.filter((one) => one.serious && !one.confirmed);
  const finish = async (zones?: string[]) => {
    if (unread.length > 0) return setOpen(true);
    setAfter(await tick(step, zones));
  };
  const [upTo, cautions] = useDoneUpTo(page);
  const toggle = () =>
    step.state === "done"
      ? void remove(api.POST("/api/pieces/{id}/steps/open", { ...path, body: { step: step.key } }))
      : void finish().catch(failed);
  const answered = step.lead || step.decide || (step.try !== null && step.state !== "done");
  const facts = [
    step.where,
    step.place !== "at the bench" && step.place,
    step.on && t("stepItem.from", { on: step.on.text }),
    step.not_before && t("stepItem.waitingPartUntil", { notbefore: step.not_before.text }),
  ];
  const materials = step.materials.map((one) => `${one.text} ${one.label}`);
  return (
    <Box
      component="li"
      sx={{
        borderTop: 1,
        borderColor: "divider",
        py: 0.5,
        opacity: step.state === "done" ? 0.75 : 1,
        pl: 0.5,
        borderLeft: 4,
        borderLeftColor: lit ? "warning.main" : "transparent",
        breakInside: "avoid",
      }}
      data-step={step.key}
    >
      <Row wrap={false} align="flex-start">
        <Checkbox
          checked={step.state === "done"}
          indeterminate={step.state === "part"}
          disabled={answered || (wet.length > 0 && step.state !== "done")}
          onChange={toggle}
          slotProps={{ input: { "aria-label": t("stepItem.done", { step: step.label }) } }}
          sx={{ p: 1.25, mt: -0.5 }}
        />
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "baseline" }}>
            <Typography
              sx={{
                fontWeight: next ? 600 : 500,
                flex: "1 1 240px",
                textDecoration: step.state === "done" ? "line-through" : undefined,
              }}
            >
              {number === undefined ? step.label : `${number}. ${step.label}`}
            </Typography>
            <Typography component="span" sx={{ whiteSpace: "nowrap" }} title={step.range}>
              {step.state === "part"
                ? t("stepItem.of", { remaining: step.remaining?.text, time: step.time?.text })
                : step.time?.text}
              <Basis of={step.rests_on} />
            </Typography>
            <Typography
              component="span"
              sx={{ minWidth: 128, color: "warning.main", whiteSpace: "nowrap" }}
              title={step.wait_why ?? undefined}
            >
              {step.wait ? t("stepItem.thenWait", { wait: step.wait }) : ""}
            </Typography>
          </Box>
          <Typography variant="body2" sx={{ color: "text.secondary" }}>
            {facts.filter(Boolean).join(", ")}
          </Typography>
          {wet.map((block) => (
            <Typography key={block.text} variant="body2" sx={{ color: "warning.main" }}>
              {block.text}
            </Typography>
          ))}
          {materials.length > 0 && <Typography variant="body2">{materials.join(", ")}</Typography>}
          {step.cautions.length > 0 && !open && (
            <Typography variant="caption" sx={{ color: unread.length > 0 ? "error.main" : "text.secondary" }}>
              {unread.length > 0 ? t("stepItem.readCautionBeforeStart") : wear(step)}
            </Typography>
          )}
        </Box>
        {!step.decide && !step.lead && step.state !== "done" && (
          <Button
            size="small"
            className="no-print"
            variant={next ? "contained" : "text"}
            onClick={() => start({ piece_id: page.id, step: step.key, label: step.label })}
            aria-label={t("stepItem.start", { step: step.label })}
          >
            {t("stepItem.start2")}
          </Button>
        )}
        <Button
          size="small"
          className="no-print"
          onClick={() => {
            setOpen(!open);
            if (!open) onLook();
          }}
          aria-expanded={open}
          aria-label={t("stepItem.about", { more: open ? t("stepItem.less") : t("stepItem.more"), step: step.label })}
        >
          {open ? t("stepItem.less") : t("stepItem.more")}
        </Button>
        <RowMenu
          name={step.label}
          actions={[
            { label: t("stepItem.showPieceBeforeStep"), run: onLook },
            step.state !== "done" && plan.steps[0] !== step && !answered
              ? { label: t("stepItem.everythingUpHereDone"), run: () => upTo(step.key, step.label) }
              : null,
            step.state !== "done" && { label: t("stepItem.moveAnotherSession"), run: () => setMoving(true) },
          ]}
        />
      </Row>
      {step.past && (
        <Alert
          severity="info"
          variant="outlined"
          className="no-print"
          sx={{ my: 0.5, color: "text.primary" }}
          action={
            <Button size="small" onClick={() => void finish().catch(failed)}>
              {t("stepItem.markDone")}
            </Button>
          }
        >
          {t("stepItem.workedPlannedDone", { actual: step.actual?.text, time: step.time?.text })}
        </Alert>
      )}
      {questions}
      {cautions}
      {moving && <MoveStepDialog piece={page.id} step={step} onClose={() => setMoving(false)} />}
      {after && (
        <Alert severity="error" role="alert" onClose={() => setAfter(null)} sx={{ my: 1 }}>
          {after}
        </Alert>
      )}
      {open && (
        <Box sx={{ pl: { xs: 1, sm: 6 }, pb: 1 }}>
          <StepCautions step={step} page={page} />
          <StepFacts step={step} />
          <StepMaterials step={step} page={page} />
          {step.state !== "done" && !answered && step.zones.length > 1 && (
            <StepZones step={step} page={page} onDone={(zones) => void finish(zones).catch(failed)} />
          )}
          <StepResult step={step} page={page} />
          <StepEdits step={step} page={page} plan={plan} workshop={workshop} />
        </Box>
      )}
    </Box>
  );
}

function wear(step: Step): string {
  const worn = step.cautions.map((one) => one.wear).filter(Boolean);
  return worn.length > 0
    ? t("stepItem.wear", { worn: worn.join("; ") })
    : t("stepItem.caution", { cautions: step.cautions.map((one) => one.text).join(" ") });
}

// Moves a step to another session: the day before which it is not worked; empty, it goes where it fits.
function MoveStepDialog({ piece, step, onClose }: { piece: number; step: Step; onClose: () => void }) {
  const move = useMoveStep();
  return (
    <FormDialog
      title={t("stepItem.move", { step: step.label })}
      submit={t("stepItem.move2")}
      fields={[{ name: "day", label: t("stepItem.on"), kind: "date", help: t("stepItem.leaveBlankLetChoose") }]}
      initial={{ day: step.on?.iso ?? "" }}
      onClose={onClose}
      onSubmit={async ({ day = "" }) => {
        await move({ piece_id: piece, step: step.key, label: step.label, day });
        onClose();
      }}
    />
  );
}

// A step ticked off zone by zone; several alike one by one.
function StepZones({ step, page, onDone }: { step: Step; page: Plan; onDone: (zones: string[]) => void }) {
  const byZone = step.zones.map((key) => ({
    label: page.zones.find((zone) => zone.key === key)?.label ?? t("stepItem.hardware"),
    zones: [key],
    done: step.done_zones.includes(key),
  }));
  const parts = step.units.length > 0 ? step.units : byZone;
  return (
    <Row role="group" aria-label={t("stepItem.done2")} className="no-print" gap={0.5} align="stretch" sx={{ my: 1 }}>
      {parts.map((part) => (
        <Button
          key={part.label}
          size="small"
          variant={part.done ? "contained" : "outlined"}
          disabled={part.done}
          onClick={() => onDone(part.zones.filter((key) => !step.done_zones.includes(key)))}
        >
          {part.label}
        </Button>
      ))}
    </Row>
  );
}
