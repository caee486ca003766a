// One step: what, where, how long, and with a tap all that must be known before it starts.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, ask } from "../../api/client";
import type { Plan, Step, Steps, Workshop } from "../../api/types";
import { Drawing } from "../../kit/Drawing";
import { useUndo } from "../../kit/session/undo";
import { useStartStep } from "../../kit/useStartStep";
import { Basis } from "./Basis";
import { StepCautions } from "./StepCautions";
import { StepEdits } from "./StepEdits";
import { StepFacts } from "./StepFacts";
import { StepMaterials } from "./StepMaterials";
import { StepResult } from "./StepResult";
import { useDoneUpTo } from "./useDoneUpTo";

type Props = {
  step: Step;
  number: number;
  page: Plan;
  plan: Steps;
  workshop: Workshop;
  next: boolean;
  stands?: Plan["drawing"]["planned"] | undefined; // how the piece looks after it, where it changes that
};

export function StepItem({ step, number, page, plan, workshop, next, stands }: Props) {
  const [open, setOpen] = useState(next);
  const [after, setAfter] = useState<string | null>(null); // what to do now that it was done although it should not have been
  const { done, remove, failed } = useUndo();
  const [start, questions] = useStartStep();
  const path = { params: { path: { id: page.id } } };
  const unread = step.cautions.filter((one) => one.serious && !one.confirmed);
  const finish = async (zones?: string[]) => {
    if (unread.length > 0) return setOpen(true);
    const body = { step: step.key, ...(zones ? { zones } : {}) };
    const { now } = await ask(api.POST("/api/pieces/{id}/steps/done", { ...path, body }));
    setAfter(now);
    done(`Done: ${step.label}`, () => ask(api.POST("/api/pieces/{id}/steps/open", { ...path, body })));
  };
  const upTo = useDoneUpTo(page.id);
  const toggle = () =>
    step.state === "done"
      ? void remove(api.POST("/api/pieces/{id}/steps/open", { ...path, body: { step: step.key } }))
      : void finish().catch(failed);
  const answered = step.lead || step.decide || (step.try !== null && step.state !== "done");
  const facts = [
    step.where,
    step.place !== "at the bench" && step.place,
    step.on && `from ${step.on.text}`,
    step.not_before && `waits for a part until ${step.not_before.text}`,
  ];
  // Several alike are ticked off one by one, else zone by zone.
  const byZone = step.zones.map((key) => ({
    label: page.zones.find((zone) => zone.key === key)?.label ?? "Hardware",
    zones: [key],
    done: step.done_zones.includes(key),
  }));
  const parts = step.units.length > 0 ? step.units : byZone;
  const materials = step.materials.map((one) => `${one.text} ${one.label}`);
  return (
    <Box
      component="li"
      sx={{
        borderTop: 1,
        borderColor: "divider",
        py: 0.5,
        opacity: step.state === "done" ? 0.75 : 1,
        breakInside: "avoid",
      }}
      data-step={step.key}
    >
      <Box sx={{ display: "flex", gap: 1, alignItems: "flex-start" }}>
        <Checkbox
          checked={step.state === "done"}
          indeterminate={step.state === "part"}
          disabled={answered}
          onChange={toggle}
          slotProps={{ input: { "aria-label": `Done: ${step.label}` } }}
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
              {`${number}. ${step.label}`}
            </Typography>
            <Typography component="span" sx={{ whiteSpace: "nowrap" }} title={step.range}>
              {step.state === "part" ? `${step.remaining?.text} of ${step.time?.text}` : step.time?.text}
              <Basis of={step.rests_on} />
            </Typography>
            <Typography
              component="span"
              sx={{ minWidth: 128, color: "warning.main", whiteSpace: "nowrap" }}
              title={step.wait_why ?? undefined}
            >
              {step.wait ? `then wait ${step.wait}` : ""}
            </Typography>
          </Box>
          <Typography variant="body2" sx={{ color: "text.secondary" }}>
            {facts.filter(Boolean).join(", ")}
          </Typography>
          {materials.length > 0 && <Typography variant="body2">{materials.join(", ")}</Typography>}
          {step.cautions.length > 0 && !open && (
            <Typography variant="caption" sx={{ color: unread.length > 0 ? "error.main" : "text.secondary" }}>
              {unread.length > 0 ? "Caution to read before it starts" : wear(step)}
            </Typography>
          )}
        </Box>
        {!step.decide && !step.lead && step.state !== "done" && (
          <Button
            size="small"
            className="no-print"
            onClick={() =>
              unread.length > 0 ? setOpen(true) : start({ piece_id: page.id, step: step.key, label: step.label })
            }
            aria-label={`Start ${step.label}`}
          >
            Start
          </Button>
        )}
        <Button
          size="small"
          className="no-print"
          onClick={() => setOpen(!open)}
          aria-expanded={open}
          aria-label={`${open ? "Less" : "More"} about ${step.label}`}
        >
          {open ? "Less" : "More"}
        </Button>
      </Box>
      {step.past && (
        <Alert
          severity="info"
          variant="outlined"
          className="no-print"
          sx={{ my: 0.5, color: "text.primary" }}
          action={
            <Button size="small" onClick={() => void finish().catch(failed)}>
              It is done
            </Button>
          }
        >
          {`${step.actual?.text} worked, ${step.time?.text} planned. Is it done?`}
        </Alert>
      )}
      {questions}
      {after && (
        <Alert severity="error" role="alert" onClose={() => setAfter(null)} sx={{ my: 1 }}>
          {after}
        </Alert>
      )}
      {open && (
        <Box sx={{ pl: { xs: 1, sm: 6 }, pb: 1 }}>
          <StepCautions step={step} page={page} />
          <StepFacts step={step} />
          {stands && (
            <Box component="figure" sx={{ m: 0, my: 1 }}>
              <Drawing
                shape={{
                  ...page.drawing,
                  planned: stands,
                  description: `${page.drawing.description}, after “${step.label}”`,
                }}
                width={200}
                height={150}
              />
              <Typography component="figcaption" variant="caption" sx={{ color: "text.secondary" }}>
                As it stands then
              </Typography>
            </Box>
          )}
          <StepMaterials step={step} page={page} />
          {step.state !== "done" && !answered && step.zones.length > 1 && (
            <Box
              role="group"
              aria-label="Done on"
              className="no-print"
              sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, my: 1 }}
            >
              {parts.map((part) => (
                <Button
                  key={part.label}
                  size="small"
                  variant={part.done ? "contained" : "outlined"}
                  disabled={part.done}
                  onClick={() => void finish(part.zones.filter((key) => !step.done_zones.includes(key))).catch(failed)}
                >
                  {part.label}
                </Button>
              ))}
            </Box>
          )}
          {step.state !== "done" && number > 1 && !answered && (
            <Button size="small" className="no-print" onClick={() => upTo(step.key, step.label)}>
              All done up to here
            </Button>
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
  return worn.length > 0 ? `Wear: ${worn.join("; ")}` : `Caution: ${step.cautions.map((one) => one.text).join(" ")}`;
}
