// The running timer, large: stop it with the step done or not, or say how long it really was where it was forgotten.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link as RouterLink } from "react-router";
import { api } from "../../api/client";
import { forget } from "../../api/device/ownTimers";
import type { FinishedSteps, Timer } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { useStopTimer } from "../../kit/session/useStopTimer";
import { DoneWith } from "../../kit/DoneWith";
import { EffortInput } from "../../kit/EffortInput";
import { LazyForm } from "../../kit/LazyForm";
import { Ticking } from "../../kit/Ticking";
import { Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/bench";

export default function RunningTimer({ timer, people }: { timer: Timer; people: number }) {
  const stop = useStopTimer();
  const { remove } = useUndo();
  const [effort, setEffort] = useState("");
  const [asked, setAsked] = useState(timer.long);
  const [take, setTake] = useState(true);
  const [badly, setBadly] = useState(false);
  const [finished, setFinished] = useState<FinishedSteps | undefined>(undefined);
  const discard = () =>
    timer.id < 0 ? forget(timer.id) : remove(api.DELETE("/api/timers/{id}", { params: { path: { id: timer.id } } }));
  const step = timer.steps.length === 1 ? timer.steps[0] : undefined;
  const time = effort ? { effort } : {};
  const finish = (zones?: string[]) => void stop(timer, { ...time, done: true, take, ...(zones ? { zones } : {}) });
  const open = timer.steps.length === 1 ? (timer.steps[0]?.units ?? []).filter((unit) => !unit.done) : [];
  return (
    <Box
      component="section"
      aria-label={t("runningTimer.sTimer", { person: timer.person.name })}
      sx={{
        borderTop: 2,
        borderBottom: 1,
        borderColor: "primary.main",
        bgcolor: "background.paper",
        px: 2,
        py: 2,
        mb: 3,
      }}
    >
      <Row gap={2}>
        <Box sx={{ color: "primary.main" }}>
          <Ticking timer={timer} large />
        </Box>
        <Box sx={{ flex: "1 1 220px" }}>
          <Typography sx={{ fontWeight: 600, fontSize: 19 }}>
            {timer.steps.map((step) => step.label).join(" + ") || timer.label}
          </Typography>
          <Box>
            {timer.pieces.map((piece, place) => (
              <span key={piece.id}>
                {place > 0 && " + "}
                <Link component={RouterLink} to={`/pieces/${piece.id}`} sx={{ textDecoration: "underline" }}>
                  {piece.name}
                </Link>
              </span>
            ))}
          </Box>
          <Quiet>
            {t("runningTimer.since", {
              startedtext: timer.started_text,
              people: (people > 1 && `, ${timer.person.name}`) || "",
              count: (timer.pieces.length > 1 && t("runningTimer.splitEvenly")) || "",
              count2:
                (timer.steps.length === 1 &&
                  t("runningTimer.estimated", { estimate: timer.steps[0]?.estimate?.text })) ||
                "",
            })}
          </Quiet>
        </Box>
        <Box sx={{ display: "flex", columnGap: 0.5, rowGap: 1, flexWrap: "wrap" }}>
          {timer.steps.length > 0 && (
            <Button variant="contained" size="large" onClick={() => finish()}>
              {step?.trial ? t("runningTimer.stopWorked") : t("runningTimer.stopDone")}
            </Button>
          )}
          <Button
            variant={timer.steps.length > 0 ? "outlined" : "contained"}
            size="large"
            onClick={() => void stop(timer, { ...time, ...(finished ? { done_steps: finished } : {}) })}
          >
            {timer.steps.length > 0 ? t("runningTimer.stopDoneYet") : t("runningTimer.stopRecord")}
          </Button>
          {step && <Button onClick={() => setBadly(true)}>{t("runningTimer.wentWrong")}</Button>}
          {!asked && <Button onClick={() => setAsked(true)}>{t("runningTimer.changeTime")}</Button>}
          <Button color="inherit" onClick={() => void discard()}>
            {t("runningTimer.discard")}
          </Button>
        </Box>
      </Row>
      {timer.takes.length > 0 && (
        <FormControlLabel
          control={<Checkbox checked={take} onChange={(_, on) => setTake(on)} />}
          label={t("runningTimer.whenDoneTakeShelf", { takes: timer.takes.join(", ") })}
        />
      )}
      {timer.steps.length === 0 && (
        <Box sx={{ mt: 1.5 }}>
          <DoneWith
            pieces={timer.pieces.map((piece) => piece.id)}
            kind={timer.kind}
            effort={effort || (timer.elapsed?.text ?? "")}
            onChange={setFinished}
          />
        </Box>
      )}
      {open.length > 0 && (
        <Row role="group" aria-label={t("runningTimer.stopTheseDone")} gap={0.5} align="stretch" sx={{ mt: 1 }}>
          {open.map((unit) => (
            <Button key={unit.label} variant="outlined" onClick={() => finish(unit.zones)}>
              {t("runningTimer.stopDone2", { unit: unit.label })}
            </Button>
          ))}
        </Row>
      )}
      {badly && step && (
        <LazyForm
          title={t("runningTimer.wentWrong2", { step: step.label })}
          submit={t("runningTimer.stopSaveNote")}
          fields={[
            { name: "lost", label: t("runningTimer.timeLost"), kind: "effort", bare: "min", half: true },
            {
              name: "note",
              label: t("runningTimer.whatHappened"),
              kind: "text",
              help: t("runningTimer.youllSeeNextTime"),
            },
          ]}
          onClose={() => setBadly(false)}
          onSubmit={async (values) => {
            setBadly(false);
            await stop(timer, { ...time, badly: values });
          }}
        />
      )}
      {asked && (
        <Box sx={{ mt: 2, display: "grid", gap: 1, maxWidth: 460 }}>
          {timer.proposal && (
            <Alert
              severity="warning"
              action={
                <Button
                  color="inherit"
                  onClick={() => void stop(timer, { effort: timer.proposal?.effort?.text ?? "" })}
                >
                  {t("runningTimer.stop", { at: timer.proposal.at })}
                </Button>
              }
            >
              {t("runningTimer.timerHasBeenRunning", {
                elapsed: timer.elapsed?.text,
                at: timer.proposal.at,
                effort: timer.proposal.effort?.text,
                why: timer.proposal.why,
              })}
            </Alert>
          )}
          <EffortInput
            label={t("runningTimer.howLongReallyTook")}
            value={effort}
            onChange={setEffort}
            help={t("runningTimer.leaveBlankUseTimers")}
          />
        </Box>
      )}
    </Box>
  );
}
