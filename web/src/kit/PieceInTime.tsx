// The piece at any moment of its plan: a slider through the steps, the drawing as each leaves it, the zones of the next
// one lit.
import Box from "@mui/material/Box";
import Slider from "@mui/material/Slider";
import Typography from "@mui/material/Typography";
import { useMemo, useState } from "react";
import type { Drawing as Shape, Steps } from "../api/types";
import { Drawing } from "./Drawing";
import { Row } from "./layout";
import { t } from "../locales/kit";

type Props = {
  shape: Shape;
  plan: Steps;
  width: number;
  height: number;
  // How many steps are done as it is shown; null as it stands now. Without onMove it keeps that itself.
  at?: number | null;
  onMove?: (done: number) => void;
};

// Looks of the zones after so many steps.
function standing(plan: Steps, done: number): Shape["planned"] {
  const found = new Map<string, Shape["planned"][number]>();
  const steps = new Set(plan.steps.slice(0, done).map((step) => step.key));
  plan.frames.filter((frame) => steps.has(frame.step)).forEach((f) => f.zones.forEach((z) => found.set(z.zone, z)));
  return [...found.values()];
}

export const doneSoFar = (plan: Steps) => {
  const open = plan.steps.findIndex((step) => step.state !== "done");
  return open < 0 ? plan.steps.length : open;
};

export function PieceInTime({ shape, plan, width, height, at = null, onMove }: Props) {
  const now = doneSoFar(plan);
  const [moved, setMoved] = useState<number | null>(null);
  const done = Math.min((onMove ? at : moved) ?? now, plan.steps.length);
  const end = done === plan.steps.length;
  const planned = useMemo(() => (end ? shape.planned : standing(plan, done)), [plan, done, end, shape.planned]);
  const last = plan.steps[done - 1];
  const next = plan.steps[done];
  const where = end
    ? t("pieceInTime.ready")
    : done === 0
      ? t("pieceInTime.bought")
      : t("pieceInTime.afterStep", { done, count: plan.steps.length });
  // Where one line of the plan ends and the next begins.
  const marks = useMemo(() => {
    const ends = plan.lines.map((line) => line.steps[line.steps.length - 1]);
    return plan.steps.flatMap((step, place) => (ends.includes(step.key) ? [{ value: place + 1 }] : []));
  }, [plan]);
  const move = onMove ?? setMoved;
  if (plan.steps.length === 0) return <Drawing shape={shape} width={width} height={height} measures />;
  return (
    <Box
      component="figure"
      data-in-time={done}
      sx={{ m: 0, maxWidth: width, "@media print": { maxWidth: 230, mb: 2 } }}
    >
      <Typography component="figcaption" sx={{ fontWeight: 600, minHeight: 24 }}>
        {where}
        {done === now && done > 0 && done < plan.steps.length && t("pieceInTime.now")}
      </Typography>
      <Drawing
        shape={{ ...shape, planned, description: `${shape.description}. ${where}` }}
        width={width}
        height={height}
        lit={next?.zones}
        measures
      />
      <Box sx={{ px: 1.5, pt: 0.5 }} className="no-print">
        <Slider
          value={done}
          min={0}
          max={plan.steps.length}
          step={1}
          marks={marks}
          aria-label={t("pieceInTime.stepStep")}
          aria-valuetext={last ? t("pieceInTime.after", { last: last.label }) : t("pieceInTime.bought2")}
          onChange={(_, value) => move(value as number)}
        />
      </Box>
      <Row
        className="no-print"
        wrap={false}
        gap={2}
        align="stretch"
        sx={{ justifyContent: "space-between", color: "text.secondary", fontSize: 14 }}
      >
        <span>{t("pieceInTime.bought3")}</span>
        <Box component="span" sx={{ textAlign: "center", minHeight: 42, color: "text.primary" }}>
          {next ? t("pieceInTime.next", { next: next.label }) : last?.label}
        </Box>
        <span>{t("pieceInTime.ready2")}</span>
      </Row>
    </Box>
  );
}
