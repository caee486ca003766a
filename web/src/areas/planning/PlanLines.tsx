// The steps of a plan in the lines in which it is read: folded to a dozen, or with all steps; what is done may be
// hidden.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Plan, PlanLine, Step, Steps, Workshop } from "../../api/types";
import { Basis } from "./Basis";
import { StepItem } from "./StepItem";
import { useDoneUpTo } from "./useDoneUpTo";
import { PlainList, Row } from "../../kit/layout";
import { t } from "../../locales/planning";

type Props = {
  page: Plan;
  plan: Steps;
  workshop: Workshop;
  all: boolean;
  short: boolean;
  next: Step | undefined;
  at: string | undefined; // the step before which the piece is shown
  onLook: (key: string) => void;
};
type Row = { line: PlanLine; number: number; steps: Step[] };

// Whether a line is one step: then that step is the line.
const alone = (row: Row) => row.line.steps.length === 1;

export function PlanLines({ page, plan, workshop, all, short, next, at, onLook }: Props) {
  const byKey = new Map(plan.steps.map((step) => [step.key, step]));
  const rows: Row[] = plan.lines
    .map((line, index) => ({
      line,
      number: index + 1,
      steps: line.steps.flatMap((key) => byKey.get(key) ?? []).filter((step) => all || step.state !== "done"),
    }))
    .filter((row) => row.steps.length > 0);
  const sessions = new Map(plan.sessions.map((session) => [session.on?.iso, session]));
  const numberOf = (row: Row, step: Step) => {
    if (!short) return plan.steps.indexOf(step) + 1;
    return alone(row) ? row.number : undefined;
  };
  // The day on which a line begins, where the one before it begins on another.
  const begins = (place: number) => {
    const iso = rows[place]?.line.on?.iso;
    return iso && iso !== rows[place - 1]?.line.on?.iso ? sessions.get(iso) : undefined;
  };
  return (
    <PlainList component="ol">
      {rows.map((row, place) => (
        <Line
          key={row.line.key}
          row={row}
          page={page}
          short={short}
          next={row.steps.some((step) => step === next)}
          session={begins(place)}
        >
          {row.steps.map((step) => (
            <StepItem
              key={step.key}
              step={step}
              number={numberOf(row, step)}
              page={page}
              plan={plan}
              workshop={workshop}
              next={step === next}
              told={!short}
              lit={step.key === at}
              onLook={() => onLook(step.key)}
            />
          ))}
        </Line>
      ))}
    </PlainList>
  );
}

// On paper always the line alone: its steps are for the screen.
type LineProps = {
  row: Row;
  page: Plan;
  short: boolean;
  next: boolean; // its steps are open from the start
  session: Steps["sessions"][number] | undefined;
  children: React.ReactNode;
};

function Line({ row, page, short, next, session, children }: LineProps) {
  const [turned, setTurned] = useState<boolean | null>(null); // by hand
  const open = turned ?? next;
  const { line, number } = row;
  const shown = open ? t("planLines.hideSteps") : t("planLines.steps", { count: row.steps.length });
  const itself = short && alone(row);
  const unfolded = !short || open || itself;
  return (
    <Box
      component="li"
      sx={{ mb: short ? 0 : 1.5, breakInside: "avoid", "@media print": { mb: 0 } }}
      data-line={line.key}
    >
      {session && (
        <Row
          wrap={false}
          gap={1.5}
          align="stretch"
          sx={{ borderBottom: 2, borderColor: "primary.main", pt: 1.5, mb: 0.5, fontWeight: 600 }}
        >
          <span>{session.on?.text}</span>
          <Box component="span" sx={{ color: "primary.main" }}>
            {session.time?.text}
          </Box>
        </Row>
      )}
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
          display: short && !itself ? "flex" : "none",
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
          {line.state === "part"
            ? t("planLines.of", { remaining: line.remaining?.text, time: line.time?.text })
            : line.time?.text}
          <Basis of={line.rests_on} />
        </Typography>
        <Typography component="span" sx={{ minWidth: { md: 172 }, color: "warning.main", whiteSpace: "nowrap" }}>
          {line.wait ? t("planLines.thenWait", { wait: line.wait }) : ""}
        </Typography>
        <Row className="no-print" wrap={false} gap={0.5} align="stretch" sx={{ ml: "auto" }}>
          {line.state !== "done" && <UpToHere line={line} page={page} />}
          <Button
            size="small"
            onClick={() => setTurned(!open)}
            aria-expanded={open}
            aria-label={`${shown} ${line.label}`}
          >
            {shown}
          </Button>
        </Row>
      </Box>
      {unfolded && (
        <PlainList component="ol" sx={{ pl: short && !itself ? 2 : 0, "@media print": { display: "none" } }}>
          {children}
        </PlainList>
      )}
    </Box>
  );
}

// All steps up to the end of a line.
function UpToHere({ line, page }: { line: PlanLine; page: Plan }) {
  const [upTo, cautions] = useDoneUpTo(page);
  return (
    <>
      <Button
        size="small"
        onClick={() => upTo(line.steps[line.steps.length - 1] ?? "", line.label)}
        aria-label={t("planLines.everythingUpHereDone", { line: line.label })}
      >
        {t("planLines.everythingUpHereDone2")}
      </Button>
      {cautions}
    </>
  );
}
