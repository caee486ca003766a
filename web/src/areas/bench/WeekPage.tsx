// The week over all pieces: who works what when, what dries meanwhile, when each piece is ready, and why this order.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import { Link, useSearchParams } from "react-router";
import { useSchedule } from "../../api/queries";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { TODAY_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { useMoveStep, type Moved } from "../../kit/useMoveStep";
import type { Schedule, ScheduleDay } from "../../api/types";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import Typography from "@mui/material/Typography";
import { type DragEvent, useState } from "react";
import { api, ask, undoOf } from "../../api/client";
import { useUndo } from "../../kit/session/undo";
import { DayBar } from "./DayBar";
import { DayStep } from "./DayStep";
import { PlainList, Quiet } from "../../kit/layout";
import { t } from "../../locales/bench";

// One day of the week: its hours on a scale, hands-on work in them, waits as light bars under it, and each step in
// words. A step is dragged to another day, or sent there from its list.
const TYPE = "application/x-kohlrabi-step";

function DayRow({
  day,
  days,
  onMove,
}: {
  day: ScheduleDay;
  days: ScheduleDay[];
  onMove: (moved: Moved) => Promise<void>;
}) {
  const [over, setOver] = useState(false);
  const { done, failed } = useUndo();
  const iso = day.day?.iso ?? "";
  const weather = (wet: boolean) => ask(api.PUT("/api/schedule/weather", { body: { day: iso, wet } }));
  const rain = async () => {
    try {
      const told = await weather(!day.wet);
      done(
        t("weekPage.on", {
          more: day.wet ? t("weekPage.rain") : t("weekPage.rain2"),
          day: day.day?.text,
          changes: told.changes.join(" "),
        }),
        undoOf(told),
      );
    } catch (error) {
      failed(error);
    }
  };
  const drop = (event: DragEvent) => {
    setOver(false);
    const text = event.dataTransfer.getData(TYPE);
    if (!text) return;
    event.preventDefault();
    void onMove({ ...(JSON.parse(text) as Omit<Moved, "day">), day: iso });
  };
  const drag = (event: DragEvent, moved: Omit<Moved, "day">) => event.dataTransfer.setData(TYPE, JSON.stringify(moved));
  return (
    <Box
      component="section"
      aria-label={day.day?.text}
      data-day={day.day?.iso}
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes(TYPE)) return;
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
      sx={{ borderTop: 2, borderColor: over ? "secondary.main" : "text.primary", pt: 1, mb: 3, breakInside: "avoid" }}
    >
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "center", minHeight: 44 }}>
        <Typography variant="h2" sx={{ minWidth: 190 }}>
          {day.day?.text}
        </Typography>
        <Box sx={{ flex: 1, color: "text.secondary" }}>
          {day.sessions.length
            ? day.sessions
                .map((one) => t("weekPage.text2", { person: one.person, from: one.from, to: one.to }))
                .join(", ")
            : t("weekPage.nobodyWorking")}
          {day.wet && t("weekPage.rainOutdoorWork")}
        </Box>
        <Button
          className="no-print"
          size="small"
          onClick={() => void rain()}
          aria-label={t("weekPage.on2", {
            more: day.wet ? t("weekPage.rain") : t("weekPage.rain2"),
            weekday: day.weekday,
          })}
        >
          {day.wet ? t("weekPage.rain") : t("weekPage.rain2")}
        </Button>
      </Box>
      {(day.steps.length > 0 || day.waits.length > 0) && <DayBar day={day} />}
      <PlainList component="ol">
        {day.steps.map((step) => (
          <DayStep key={`${step.id} ${step.from}`} step={step} days={days} today={iso} onMove={onMove} onDrag={drag} />
        ))}
      </PlainList>
    </Box>
  );
}

export default function WeekPage() {
  const [params, setParams] = useSearchParams();
  const from = params.get("from") ?? undefined;
  const schedule = useSchedule(from);
  const move = useMoveStep();
  if (schedule.error && !isKept(schedule))
    return <Failure error={schedule.error} again={() => void schedule.refetch()} />;
  if (!schedule.data) return <LinearProgress aria-label={t("weekPage.loading")} />;
  const data = schedule.data;
  const steps = data.days.reduce((sum, day) => sum + day.steps.length, 0);
  return (
    <>
      <PageHead
        title={t("weekPage.week")}
        line={t("weekPage.pieces", {
          from: data.from?.text,
          more: t("weekPage.steps", { count: steps }),
          count: data.pieces.length,
        })}
      >
        <Button
          variant="outlined"
          onClick={() => setParams({ from: data.earlier?.iso ?? "" })}
          disabled={data.from?.iso === data.today?.iso}
        >
          {t("weekPage.previousWeek")}
        </Button>
        <Button variant="outlined" onClick={() => setParams({})} disabled={!from}>
          {t("weekPage.backToday")}
        </Button>
        <Button variant="outlined" onClick={() => setParams({ from: data.later?.iso ?? "" })}>
          {t("weekPage.nextWeek")}
        </Button>
      </PageHead>
      <SubNav name={t("weekPage.today")} pages={TODAY_PAGES} />
      {data.assumed.length > 0 && (
        <Box sx={{ mb: 2, color: "text.secondary" }}>
          {t("weekPage.assumesTwoEveningsSaturday", {
            more:
              data.assumed.length === 1
                ? t("weekPage.work")
                : t("weekPage.work2", { assumed: data.assumed.join(t("weekPage.and")) }),
          })}
          <Link to="/rules">{t("weekPage.setHours")}</Link>
        </Box>
      )}
      {data.gives_way.map((line) => (
        <Alert key={line} severity="warning" sx={{ mb: 1 }}>
          {line}
        </Alert>
      ))}
      {data.pieces.length === 0 ? (
        <Empty title={t("weekPage.nothingPlannedYet")}>
          <span>{t("weekPage.chooseLookPieceSteps")}</span>
        </Empty>
      ) : (
        <>
          {data.days.map((day) => (
            <DayRow key={day.day?.iso} day={day} days={data.days} onMove={move} />
          ))}
          <ReadyTable pieces={data.pieces} />
        </>
      )}
      {data.unplanned.length > 0 && (
        <Box sx={{ color: "text.secondary", mb: 3 }}>
          {t("weekPage.weekBecauseTheyHave")}
          {data.unplanned.map((piece, place) => (
            <span key={piece.id}>
              {place > 0 && ", "}
              <Link to={`/pieces/${piece.id}/look`}>{piece.name}</Link>
            </span>
          ))}
          .
        </Box>
      )}
    </>
  );
}

// When each piece is ready, in the order in which they get their time, with what decides it.
function ReadyTable({ pieces }: { pieces: Schedule["pieces"] }) {
  return (
    <Part title={t("weekPage.whenPiecesWillReady")}>
      <SmallTable
        label={t("weekPage.whenEachPieceReady")}
        columns={[
          t("weekPage.piece"),
          [t("weekPage.workLeft")],
          t("weekPage.ready"),
          t("weekPage.ifAllGoesWell"),
          t("weekPage.promised"),
          t("weekPage.order"),
        ]}
        rows={pieces.map((row) => ({
          key: row.piece.id,
          cells: [
            <Link key="name" to={`/pieces/${row.piece.id}/plan`}>
              {row.piece.name}
            </Link>,
            row.remaining?.text,
            row.ready.on?.text ?? t("weekPage.unknown", { why: row.ready.why }),
            row.ready.early && row.ready.late
              ? t("weekPage.text", { early: row.ready.early.text, late: row.ready.late.text })
              : "",
            row.promised ? (
              <Box key="promised" component="span" sx={{ color: row.late_days ? "error.main" : undefined }}>
                {row.promised.text}
                {row.late_days && t("weekPage.daysLate", { count: row.late_days })}
              </Box>
            ) : (
              ""
            ),
            row.why,
          ],
        }))}
      />
      <Quiet>{t("weekPage.promisedPiecesGoFirst")}</Quiet>
    </Part>
  );
}
