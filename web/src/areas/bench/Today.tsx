// Today: what is running, what to do now, what dries, the week ahead, and what is in hand, most pressing first.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import { lazy, Suspense, useState } from "react";
import { Link } from "react-router";
import { type AtHand, useTimers, useToday, useWorkshop } from "../../api/queries";
import type { Today as TodayData, PieceRow } from "../../api/types";
import { useOpen } from "../../kit/session/open";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { TODAY_PAGES } from "../../kit/sections";
import { STAGE_HEADING, NEXT_EVENT } from "../../kit/stages";
import { SubNav } from "../../kit/SubNav";
import { WorkList } from "../../kit/WorkList";
import { DryingPart } from "./DryingPart";
import { NowPart } from "./NowPart";
import { PastPart } from "./PastPart";
import { WantsPart } from "./WantsPart";
import { WeekStrip } from "./WeekStrip";
import { Empty } from "../../kit/Empty";
import { Drawing } from "../../kit/Drawing";
import { PieceTitle } from "../../kit/PieceTitle";
import { Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/bench";

// Loaded where a timer runs, or hours are recorded: the first screen loads less.
const RunningTimer = lazy(() => import("./RunningTimer"));
const FirstRun = lazy(() => import("../house/FirstRun"));
const WorkDialog = lazy(() => import("../../kit/WorkDialog"));

// What the day came to so far.
function workedSoFar(worked: TodayData["worked"], summary: TodayData["summary"]): string {
  if (!worked?.seconds) return t("today.hoursYetToday");
  return t("today.workedToday", {
    worked: worked.text,
    more: summary ? t("today.on", { more: t("today.pieces", { count: summary.pieces }) }) : "",
  });
}

export default function Today() {
  const [atHand, setAtHand] = useState<AtHand>({});
  const today = useToday(atHand);
  const running = useTimers();
  const workshop = useWorkshop();
  const open = useOpen();
  const [entering, setEntering] = useState(false);
  if (today.error && !isKept(today)) return <Failure error={today.error} again={() => void today.refetch()} />;
  if (!today.data || !workshop.data) return <LinearProgress aria-label={t("today.loading")} />;
  const timers = running.data ?? today.data.timers;
  const {
    entries,
    worked,
    stages,
    date,
    tags,
    market,
    now,
    drying,
    week,
    climate,
    gear,
    past,
    summary,
    fresh,
    questions,
  } = today.data;
  const nothing = stages.every((group) => group.total === 0);
  const people = workshop.data.people;
  return (
    <>
      <PageHead
        title={fresh ? t("today.welcomeWorkshop") : t("today.today")}
        name={t("today.today")}
        line={`${date?.text} · ${workedSoFar(worked, summary)}`}
      >
        {!nothing && (
          <>
            <Button variant="outlined" onClick={() => setEntering(true)}>
              {t("today.recordHours")}
            </Button>
            <Button variant="contained" onClick={() => open.startTimer(null)} disabled={timers.length >= people.length}>
              {t("today.startTimer")}
            </Button>
          </>
        )}
      </PageHead>
      {!fresh && <SubNav name={t("today.today")} pages={TODAY_PAGES} />}
      {timers.length > 0 && (
        <Suspense fallback={<Box sx={{ minHeight: { xs: 294, md: 110 }, mb: 3 }} />}>
          {timers.map((timer) => (
            <RunningTimer key={timer.id} timer={timer} people={people.length} />
          ))}
        </Suspense>
      )}
      {nothing && timers.length === 0 && (
        <Suspense>{fresh ? <FirstRun workshop={workshop.data} /> : <NothingInHand />}</Suspense>
      )}
      {!nothing && (
        <Box
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 1.5fr) minmax(0, 1fr)" },
            columnGap: 5,
            alignItems: "start",
          }}
        >
          <Box>
            <PastPart past={past} />
            <NowPart now={now} people={people} busy={timers.map((timer) => timer.person.id)} onChange={setAtHand} />
          </Box>
          <Box>
            <WantsPart wants={market} tags={tags} short={gear} questions={questions} currency={workshop.data.symbol} />
            <DryingPart clocks={drying} climate={climate} />
          </Box>
        </Box>
      )}
      {!nothing && <WeekStrip days={week} />}
      {stages
        .filter((group) => group.total > 0)
        .map((group) => (
          <Part key={group.stage} title={STAGE_HEADING[group.stage] ?? group.stage}>
            {group.rows.map((row) => (
              <InHandRow key={row.id} row={row} currency={workshop.data.symbol} busy={timers.length >= people.length} />
            ))}
            {group.total > group.rows.length && (
              <Button component={Link} to="/floor">
                {t("today.showAll", { total: group.total })}
              </Button>
            )}
          </Part>
        ))}
      {entries.length > 0 && (
        <Part title={t("today.workedToday2")}>
          {summary && (
            <Box sx={{ mb: 1 }}>
              {t("today.somethingWrongTapEntry", {
                value: t("today.on2", {
                  worked: summary.worked?.text,
                  more: t("today.pieces", { count: summary.pieces }),
                }),
                steps:
                  (summary.steps > 0 &&
                    t("today.donePlanned", {
                      more: t("today.steps", { count: summary.steps }),
                      estimated: summary.estimated?.text,
                    })) ||
                  "",
              })}
            </Box>
          )}
          <WorkList entries={entries} people={people.length} />
        </Part>
      )}
      {entering && (
        <Suspense>
          <WorkDialog onClose={() => setEntering(false)} />
        </Suspense>
      )}
    </>
  );
}

// Today with nothing in hand: what begins the next flip.
function NothingInHand() {
  const open = useOpen();
  return (
    <Empty title={t("today.piecesWorkshop")}>
      <span>{t("today.recordPieceYoullSee")}</span>
      <Row align="stretch">
        <Button variant="contained" onClick={open.newPiece}>
          {t("today.recordPiece")}
        </Button>
        <Button component={Link} to="/scout/new" variant="outlined">
          {t("today.checkPieceBeforeBuy")}
        </Button>
      </Row>
    </Empty>
  );
}

// A piece in hand on Today: what it is, what comes next, and its timer within one tap.
function InHandRow({ row, currency, busy }: { row: PieceRow; currency: string; busy: boolean }) {
  const open = useOpen();
  const days = row.strip.days;
  const left = row.budget?.hours
    ? row.budget.out
      ? t("today.overTimeBudget")
      : t("today.left", { hours: row.budget.hours.text })
    : "";
  const spent = `${row.hours?.text ?? t("today.hoursYet")}${left}, ${days === null ? t("today.datesUnknown") : t("today.days", { count: days })}`;
  return (
    <Row wrap={false} gap={2} sx={{ borderBottom: 1, borderColor: "divider", py: 0.75 }}>
      <Drawing shape={row.drawing} width={64} height={54} />
      <Box sx={{ flex: "1 1 180px", minWidth: 0 }}>
        <PieceTitle
          id={row.id}
          ticket={row.ticket}
          name={row.name}
          line={
            row.next_step
              ? `${row.next_step.label}, ${row.next_step.time?.text}, ${row.next_step.at}`
              : NEXT_EVENT[row.stage]
          }
        />
        <Box sx={{ color: "text.secondary", display: { xs: "block", sm: "none" } }}>{spent}</Box>
      </Box>
      <Box sx={{ textAlign: "right", minWidth: 150, display: { xs: "none", sm: "block" } }}>{spent}</Box>
      <Box sx={{ textAlign: "right", minWidth: 118, display: { xs: "none", sm: "block" } }}>
        {row.price ? (
          <>
            {row.price.money?.text} {currency}
            <Quiet>{row.price.label}</Quiet>
          </>
        ) : (
          <Quiet>{t("today.pricePaidUnknown")}</Quiet>
        )}
      </Box>
      <Button
        variant="outlined"
        disabled={busy}
        onClick={() => open.startTimer({ id: row.id, name: row.name })}
        aria-label={t("today.startTimer2", { name: row.name })}
      >
        {t("today.start")}
      </Button>
    </Row>
  );
}
