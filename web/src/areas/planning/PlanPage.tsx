// The plan: steps in the order in which they are worked, each with its time, wait, materials, cautions and when it is
// done.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link as RouterLink } from "react-router";
import type { Plan, Steps } from "../../api/types";
import { Part } from "../../kit/Part";
import { PieceInTime } from "../../kit/PieceInTime";
import { nextOf } from "../../kit/nextStep";
import { ClimatePart } from "./ClimatePart";
import { LeadPart } from "./LeadPart";
import { readyText } from "./LooksTable";
import { MaterialsPart } from "./MaterialsPart";
import { PlanFrame, type Shared } from "./PlanFrame";
import { PlanLines } from "./PlanLines";
import { api } from "../../api/client";
import { FormDialog } from "../../kit/FormDialog";
import { useUndo } from "../../kit/session/undo";
import { PlainList } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/planning";

export default function PlanPage() {
  const [keeping, setKeeping] = useState(false);
  return (
    <PlanFrame
      title={t("planPage.plan")}
      line={({ page }) => (page.plan ? summary(page.plan, page) : t("planPage.planYet", { ticket: page.ticket }))}
      actions={({ page }) =>
        page.plan && (
          <>
            <Button variant="outlined" onClick={() => window.print()}>
              {t("planPage.print")}
            </Button>
            <Button onClick={() => setKeeping(true)}>{t("planPage.saveRecipe")}</Button>
            {keeping && <KeepRecipe page={page} onClose={() => setKeeping(false)} />}
          </>
        )
      }
    >
      {(shared) => (shared.page.plan ? <Work {...shared} plan={shared.page.plan} /> : <Nothing page={shared.page} />)}
    </PlanFrame>
  );
}

const summary = (plan: Steps, page: Plan) => (plan.over ? ended(plan, page) : toCome(plan, page));

function ended(plan: Steps, page: Plan): string {
  const open = plan.steps.filter((step) => step.state !== "done").length;
  const done = plan.steps.length - open;
  const said = [
    t("planPage.allDone", { ticket: page.ticket, more: t("planPage.steps2", { count: done }) }),
    plan.dropped.length > 0 && t("planPage.done", { count: plan.dropped.length }),
    open > 0 && t("planPage.touchUpAboutLeft", { remaining: plan.remaining?.text }),
  ];
  return said.filter(Boolean).join(" ");
}

const toCome = (plan: Steps, page: Plan) =>
  t("planPage.aboutWorkLeft", {
    ticket: page.ticket,
    remaining: plan.remaining?.text,
    range: plan.range,
    more: plan.ready.on
      ? t("planPage.ready", { ready: readyText(plan.ready) })
      : t("planPage.readyDateYet", { why: plan.ready.why }),
  });

const Nothing = ({ page }: { page: Plan }) => (
  <Typography sx={{ maxWidth: "60ch" }}>
    {t("planPage.chooseLookGetPlan")}{" "}
    <Link component={RouterLink} to={`/pieces/${page.id}/look`} underline="always">
      {t("planPage.chooseLook")}
    </Link>{" "}
    {t("planPage.inspectPieceFirstIf")}
  </Typography>
);

function Work({ page, plan, workshop }: Shared & { plan: Steps }) {
  const [at, setAt] = useState<number | null>(null); // how many steps are done as the piece is shown
  const [all, setAll] = useState(false);
  const finished = plan.steps.filter((step) => step.state === "done").length;
  const shown = plan.steps.filter((step) => all || step.state !== "done");
  const [short, setShort] = useShort();
  return (
    <>
      <LeadPart page={page} />
      {plan.behind.time && (
        <Alert severity="info" role="note" variant="outlined" sx={{ mb: 2, color: "text.primary" }}>
          {t("planPage.didWorkEarlierLook", { time: plan.behind.time.text, steps: plan.behind.steps.join("; ") })}
        </Alert>
      )}
      <PlanFaults plan={plan} />
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 400px) minmax(0, 1fr)" },
          columnGap: 4,
          alignItems: "start",
          "@media print": { display: "block" },
        }}
      >
        <Box sx={{ position: { md: "sticky" }, top: 16, mb: 2, "@media print": { position: "static" } }}>
          <PieceInTime shape={page.drawing} plan={plan} width={400} height={330} at={at} onMove={setAt} />
        </Box>
        <Part
          title={t("planPage.steps")}
          long
          action={
            <>
              {finished > 0 && (
                <Button onClick={() => setAll(!all)}>
                  {all ? t("planPage.hideWhatsDone") : t("planPage.showDone", { count: finished })}
                </Button>
              )}
              <Button onClick={() => setShort(!short)} aria-pressed={short}>
                {short ? t("planPage.everyStep") : t("planPage.summary")}
              </Button>
            </>
          }
        >
          {shown.length === 0 && <Typography>{t("planPage.everythingPlanDone")}</Typography>}
          <PlanLines
            key={short ? "lines" : "steps"}
            page={page}
            plan={plan}
            workshop={workshop}
            all={all}
            short={short}
            next={nextOf(plan)}
            at={at === null ? undefined : plan.steps[at]?.key}
            onLook={(key) => setAt(plan.steps.findIndex((step) => step.key === key))}
          />
          <LostEdits plan={plan} />
          {plan.learned.length > 0 && (
            <Typography variant="caption" component="p">
              {t("planPage.timesBasedOwnHours", {
                learned: plan.learned
                  .map((one) => t("planPage.from", { kind: one.kind.toLowerCase(), factor: one.factor, count: one.n }))
                  .join(", "),
              })}
            </Typography>
          )}
        </Part>
      </Box>
      <MaterialsPart page={page} plan={plan} workshop={workshop} />
      <div className="no-print">
        <ClimatePart />
      </div>
    </>
  );
}

// Whether the plan is read in its lines alone, as it is until somebody asks for every step; remembered on this device.
function useShort() {
  const [short, set] = useState(() => localStorage.getItem("plan") !== "all");
  const keep = (wanted: boolean) => {
    localStorage.setItem("plan", wanted ? "short" : "all");
    set(wanted);
  };
  return [short, keep] as const;
}

// What does not hold in the plan as somebody changed it: what can hurt first, then what is against the craft.
function PlanFaults({ plan }: { plan: Steps }) {
  if (plan.faults.length === 0) return null;
  const serious = plan.faults.some((one) => one.level !== "craft");
  return (
    <Alert
      severity={serious ? "error" : "info"}
      variant="outlined"
      sx={{ my: 1, color: "text.primary" }}
      aria-label={t("planPage.problemsPlan")}
    >
      {serious ? t("planPage.planWontWork") : t("planPage.doTheseDifferentlyWhats")}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {plan.faults.map((one) => (
          <li key={`${one.step} ${one.text}`}>
            {[one.step && `“${one.step}”`, one.where].filter(Boolean).join(", ")}: {one.text}
          </li>
        ))}
      </Box>
    </Alert>
  );
}

// Keeps a plan as the workshop's own recipe.
function KeepRecipe({ page, onClose }: { page: Plan; onClose: () => void }) {
  const save = useSave();
  return (
    <FormDialog
      title={t("planPage.savePlanRecipe")}
      submit={t("planPage.save")}
      fields={[
        {
          name: "name",
          label: t("planPage.nameRecipe"),
          kind: "text",
          help: t("planPage.savesFinishEachZone"),
        },
      ]}
      onClose={onClose}
      onSubmit={async ({ name = "" }) => {
        await save(
          api.POST("/api/pieces/{id}/recipes", { params: { path: { id: page.id } }, body: { name } }),
          t("planPage.recipeSaved", { name }),
        );
        onClose();
      }}
    />
  );
}

// Changes of the plan that have no step now, and steps that were taken out: each can be taken back.
function LostEdits({ plan }: { plan: Steps }) {
  const { remove } = useUndo();
  if (plan.lost_edits.length === 0) return null;
  return (
    <PlainList aria-label={t("planPage.changesDontFitAnymore")} className="no-print" sx={{ fontSize: "0.9rem" }}>
      {plan.lost_edits.map((edit) => (
        <li key={edit.id}>
          {edit.removed
            ? t("planPage.removed", { edit: edit.text })
            : t("planPage.changeHasStepRight", { edit: edit.text })}
          <Button
            size="small"
            onClick={() => void remove(api.DELETE("/api/plan-edits/{id}", { params: { path: { id: edit.id } } }))}
          >
            {t("planPage.undoChange")}
          </Button>
        </li>
      ))}
    </PlainList>
  );
}
