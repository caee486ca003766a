// Today: what is running, what to do now, what dries, the week ahead, and what is in hand, most pressing first.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import { lazy, Suspense, useState } from "react";
import { Link } from "react-router";
import { type AtHand, useToday, useWorkshop } from "../../api/queries";
import { useOpen } from "../../kit/session/open";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { TODAY_PAGES } from "../../kit/sections";
import { STAGE_HEADING } from "../../kit/stages";
import { SubNav } from "../../kit/SubNav";
import { WorkList } from "../../kit/WorkList";
import { DryingPart } from "./DryingPart";
import { InHandRow } from "./InHandRow";
import { NowPart } from "./NowPart";
import { PastPart } from "./PastPart";
import { TagsPart } from "./TagsPart";
import { WantsPart } from "./WantsPart";
import { WeekStrip } from "./WeekStrip";

// Loaded where a timer runs, or hours are recorded: the first screen loads less.
const RunningTimer = lazy(() => import("./RunningTimer"));
const WorkDialog = lazy(() => import("../../kit/WorkDialog"));

export default function Today() {
  const [atHand, setAtHand] = useState<AtHand>({});
  const today = useToday(atHand);
  const workshop = useWorkshop();
  const open = useOpen();
  const [entering, setEntering] = useState(false);
  if (today.error) return <Failure error={today.error} again={() => void today.refetch()} />;
  if (!today.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { timers, entries, worked, stages, date, tags, market, now, drying, week, climate, gear, past, summary } =
    today.data;
  const nothing = stages.every((group) => group.total === 0);
  const people = workshop.data.people;
  return (
    <>
      <PageHead
        title="Today"
        line={`${date?.text}. ${worked?.seconds ? `${worked.text} worked so far.` : "No work recorded yet."}`}
      >
        <Button variant="outlined" onClick={() => setEntering(true)} disabled={nothing}>
          Record hours
        </Button>
        <Button
          variant="contained"
          onClick={() => open.startTimer(null)}
          disabled={nothing || timers.length >= people.length}
        >
          Start a timer
        </Button>
      </PageHead>
      <SubNav name="Today" pages={TODAY_PAGES} />
      {timers.length > 0 && (
        <Suspense>
          {timers.map((timer) => (
            <RunningTimer key={timer.id} timer={timer} people={people.length} />
          ))}
        </Suspense>
      )}
      {nothing && timers.length === 0 && (
        <Empty title="Nothing is in hand">
          <span>
            Money is kept in {workshop.data.currency} and lengths in {workshop.data.length_unit}; change that in{" "}
            <Link to="/rules">House rules</Link> before the first amount is recorded.
          </span>
          <span>
            Record the first piece you bought, or bring in a spreadsheet of past flips. Hours, costs and profit follow
            from there.
          </span>
          <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
            <Button variant="contained" onClick={open.newPiece}>
              Record a piece
            </Button>
            <Button component={Link} to="/books/import" variant="outlined">
              Bring in past flips
            </Button>
          </Box>
        </Empty>
      )}
      {!nothing && (
        <>
          <PastPart past={past} />
          <NowPart now={now} people={people} busy={timers.map((timer) => timer.person.id)} onChange={setAtHand} />
          {gear.map((line) => (
            <Alert key={line} severity="warning" variant="outlined" sx={{ mb: 1, color: "text.primary" }}>
              {line}
            </Alert>
          ))}
          <DryingPart clocks={drying} climate={climate} />
          <WeekStrip days={week} />
        </>
      )}
      {market.length > 0 && <WantsPart wants={market} />}
      {tags.length > 0 && <TagsPart tags={tags} currency={workshop.data.currency} />}
      {stages
        .filter((group) => group.total > 0)
        .map((group) => (
          <Part key={group.stage} title={STAGE_HEADING[group.stage] ?? group.stage}>
            {group.rows.map((row) => (
              <InHandRow
                key={row.id}
                row={row}
                currency={workshop.data.currency}
                busy={timers.length >= people.length}
              />
            ))}
            {group.total > group.rows.length && (
              <Button component={Link} to="/floor">
                All {group.total} on the floor
              </Button>
            )}
          </Part>
        ))}
      {entries.length > 0 && (
        <Part title="Worked today">
          {summary && (
            <Box sx={{ mb: 1 }}>
              {`${summary.worked?.text} on ${summary.pieces === 1 ? "1 piece" : `${summary.pieces} pieces`}`}
              {summary.steps > 0 &&
                `, ${summary.steps === 1 ? "1 step" : `${summary.steps} steps`} done that were estimated at ${summary.estimated?.text}`}
              . Something wrong? Correct it here.
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
