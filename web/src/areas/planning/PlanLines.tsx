// The steps of a plan in the lines in which it is read: folded to a dozen, or with all steps; what is done may be hidden.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useMemo, useState } from "react";
import type { Plan, PlanLine, Step, Steps, Workshop } from "../../api/types";
import { Basis } from "./Basis";
import { StepItem } from "./StepItem";
import { useDoneUpTo } from "./useDoneUpTo";

type Props = { page: Plan; plan: Steps; workshop: Workshop; all: boolean; short: boolean; next: Step | undefined };
type Row = { line: PlanLine; number: number; steps: Step[] };

export function PlanLines({ page, plan, workshop, all, short, next }: Props) {
  const byKey = new Map(plan.steps.map((step) => [step.key, step]));
  const rows: Row[] = plan.lines
    .map((line, index) => ({
      line,
      number: index + 1,
      steps: line.steps.flatMap((key) => byKey.get(key) ?? []).filter((step) => all || step.state !== "done"),
    }))
    .filter((row) => row.steps.length > 0);
  const stands = useMemo(() => standing(plan), [plan]);
  return (
    <Box component="ol" sx={{ listStyle: "none", p: 0, m: 0 }}>
      {rows.map((row) => (
        <Line key={row.line.key} row={row} page={page} short={short}>
          {row.steps.map((step) => (
            <StepItem
              key={step.key}
              step={step}
              number={plan.steps.indexOf(step) + 1}
              page={page}
              plan={plan}
              workshop={workshop}
              next={step === next}
              stands={stands.get(step.key)}
            />
          ))}
        </Line>
      ))}
    </Box>
  );
}

// How the piece stands after each step that changes its looks: all that was changed up to it.
function standing(plan: Steps) {
  const now = new Map<string, Steps["frames"][number]["zones"][number]>();
  return new Map(
    plan.frames.map((frame) => {
      frame.zones.forEach((zone) => now.set(zone.zone, zone));
      return [frame.step, [...now.values()]];
    }),
  );
}

// On paper always the line alone: its steps are for the screen.
function Line({ row, page, short, children }: { row: Row; page: Plan; short: boolean; children: React.ReactNode }) {
  const [open, setOpen] = useState(false);
  const { line, number } = row;
  const unfolded = !short || open;
  return (
    <Box
      component="li"
      sx={{ mb: short ? 0 : 1.5, breakInside: "avoid", "@media print": { mb: 0 } }}
      data-line={line.key}
    >
      {!short && (
        <Typography
          variant="overline"
          component="h3"
          sx={{ color: "text.secondary", "@media print": { display: "none" } }}
        >
          {line.title}
        </Typography>
      )}
      <Box
        sx={{
          display: short ? "flex" : "none",
          flexWrap: "wrap",
          gap: 1,
          alignItems: "baseline",
          borderTop: 1,
          borderColor: "divider",
          py: 1,
          "@media print": { display: "flex", py: 0.25 },
        }}
      >
        <Box sx={{ flex: "1 1 300px", minWidth: 0 }}>
          <Typography sx={{ fontWeight: 500 }}>{`${number}. ${line.label}`}</Typography>
          <Typography variant="body2" sx={{ color: "text.secondary" }}>
            {[line.where, line.materials.join(", ")].filter(Boolean).join(" · ")}
          </Typography>
        </Box>
        <Typography component="span" sx={{ whiteSpace: "nowrap" }}>
          {line.state === "part" ? `${line.remaining?.text} of ${line.time?.text}` : line.time?.text}
          <Basis of={line.rests_on} />
        </Typography>
        <Typography component="span" sx={{ minWidth: { md: 172 }, color: "warning.main", whiteSpace: "nowrap" }}>
          {line.wait ? `then wait ${line.wait}` : ""}
        </Typography>
        <Box className="no-print" sx={{ display: "flex", gap: 0.5, ml: "auto" }}>
          {line.state !== "done" && <UpToHere line={line} page={page} />}
          <Button
            size="small"
            onClick={() => setOpen(!open)}
            aria-expanded={open}
            aria-label={`${open ? "Fold" : "Unfold"} ${line.label}`}
          >
            {open ? "Fold" : row.steps.length === 1 ? "Open" : `${row.steps.length} steps`}
          </Button>
        </Box>
      </Box>
      {unfolded && (
        <Box
          component="ol"
          sx={{ listStyle: "none", p: 0, m: 0, pl: short ? 2 : 0, "@media print": { display: "none" } }}
        >
          {children}
        </Box>
      )}
    </Box>
  );
}

// All steps up to the end of a line.
function UpToHere({ line, page }: { line: PlanLine; page: Plan }) {
  const upTo = useDoneUpTo(page.id);
  return (
    <Button
      size="small"
      onClick={() => upTo(line.steps[line.steps.length - 1] ?? "", line.label)}
      aria-label={`All done up to here: ${line.label}`}
    >
      All done up to here
    </Button>
  );
}
