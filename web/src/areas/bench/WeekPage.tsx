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
import { DayRow } from "./DayRow";
import { ReadyTable } from "./ReadyTable";
import { useMoveStep } from "../../kit/useMoveStep";

export default function WeekPage() {
  const [params, setParams] = useSearchParams();
  const from = params.get("from") ?? undefined;
  const schedule = useSchedule(from);
  const move = useMoveStep();
  if (schedule.error && !isKept(schedule))
    return <Failure error={schedule.error} again={() => void schedule.refetch()} />;
  if (!schedule.data) return <LinearProgress aria-label="Loading" />;
  const data = schedule.data;
  const steps = data.days.reduce((sum, day) => sum + day.steps.length, 0);
  return (
    <>
      <PageHead
        title="The week"
        line={`From ${data.from?.text}. ${steps === 1 ? "1 step" : `${steps} steps`} on ${data.pieces.length} planned pieces.`}
      >
        <Button
          variant="outlined"
          onClick={() => setParams({ from: data.earlier?.iso ?? "" })}
          disabled={data.from?.iso === data.today?.iso}
        >
          Week before
        </Button>
        <Button variant="outlined" onClick={() => setParams({})} disabled={!from}>
          From today
        </Button>
        <Button variant="outlined" onClick={() => setParams({ from: data.later?.iso ?? "" })}>
          Week after
        </Button>
      </PageHead>
      <SubNav name="Today" pages={TODAY_PAGES} />
      {data.assumed.length > 0 && (
        <Box sx={{ mb: 2, color: "text.secondary" }}>
          {`${data.assumed.length === 1 ? "Your hours are" : `The hours of ${data.assumed.join(" and ")} are`} assumed: two evenings and Saturday. `}
          <Link to="/rules">Say when you work</Link>
        </Box>
      )}
      {data.gives_way.map((line) => (
        <Alert key={line} severity="warning" sx={{ mb: 1 }}>
          {line}
        </Alert>
      ))}
      {data.pieces.length === 0 ? (
        <Empty title="Nothing is planned">
          <span>
            Choose a look for a piece in hand: its plan is put into your hours here, with what dries in between.
          </span>
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
          {"Without a look, so not in here: "}
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
