// What only the person can say, with the answers a tap away.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { lazy, Suspense, useState } from "react";
import { Link } from "react-router";
import { api, ProblemError } from "../../api/client";
import type { components } from "../../api/schema";
import type { Today } from "../../api/types";
import { TickBoxes } from "../../kit/TickBoxes";
import { useLikely } from "../../kit/useLikely";
import { useUndo } from "../../kit/session/undo";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/bench";

// Loaded where an answer is typed: the first screen loads less.
const Left = lazy(() => import("./QuestionFields").then(({ Left }) => ({ default: Left })));
const Materials = lazy(() => import("./QuestionFields").then(({ Materials }) => ({ default: Materials })));

type Question = Today["questions"][number];
type Answered = components["schemas"]["Answered"];
type Send = (answer: Answered) => Promise<void>;
type Props = { question: Question; send: Send };

const row = { display: "flex", flexWrap: "wrap", gap: 1, mt: 0.5 } as const;

function Buttons({ question, send }: Props) {
  return (
    <Box sx={row}>
      {question.answers.map(({ key, label }) => (
        <Button key={key} variant="outlined" onClick={() => void send({ answer: key })}>
          {label}
        </Button>
      ))}
    </Box>
  );
}

// Steps that hours finished, or what a cost covers.
function Ticks({ question, send }: Props) {
  const steps = question.kind === "hours";
  const rows = steps
    ? question.steps.map(({ step, label, likely }) => ({ key: step, label, hint: undefined, likely }))
    : question.items.map(({ item, label, expected, likely }) => ({
        key: item,
        label,
        hint: expected ? t("questionLine.about", { expected: expected.text }) : undefined,
        likely,
      }));
  const { ticked, setTicked } = useLikely(String(question.id), rows);
  const said = (keys: string[]): Answered => (steps ? { steps: keys } : { items: keys });
  return (
    <Box sx={{ mt: 0.5, display: "grid", gap: 1 }}>
      <TickBoxes
        question={steps ? t("questionLine.tapWhatsDone") : t("questionLine.tapWhatPays")}
        rows={rows}
        ticked={ticked}
        onChange={setTicked}
        none={t("questionLine.noneThese")}
      />
      <Box sx={row}>
        <Button variant="contained" disabled={ticked.size === 0} onClick={() => void send(said([...ticked]))}>
          {steps ? t("questionLine.markDone") : t("questionLine.save")}
        </Button>
        <Button variant="outlined" onClick={() => void send(said([]))}>
          {steps ? t("questionLine.noneThese2") : t("questionLine.nothingPlan")}
        </Button>
      </Box>
    </Box>
  );
}

function WorkLeft(props: Props) {
  return (
    <Left send={props.send}>
      <Buttons {...props} />
    </Left>
  );
}

const ANSWERS = {
  hours: Ticks,
  costs: Ticks,
  said: WorkLeft,
  materials: Materials,
  touch_up: Buttons,
  overlap: Buttons,
};

export function QuestionLine({ question }: { question: Question }) {
  const save = useSave();
  const { failed } = useUndo();
  const [refused, setRefused] = useState<string | null>(null);
  const send = async (answer: Answered) => {
    setRefused(null);
    const path = { params: { path: { id: question.id } } };
    try {
      await save(api.POST("/api/questions/{id}/answer", { ...path, body: answer }), (came) => came.told);
    } catch (error) {
      if (error instanceof ProblemError && error.problem.status === 422) setRefused(error.message);
      else failed(error);
    }
  };
  const Answer = question.kind === "short" ? null : ANSWERS[question.kind];
  return (
    <>
      <Box sx={{ fontWeight: 600 }}>{question.text}</Box>
      {Answer ? (
        <Suspense fallback={<Box sx={{ minHeight: 60 }} />}>
          <Answer question={question} send={send} />
        </Suspense>
      ) : (
        <Link to="/shelf">{t("questionLine.openShelf")}</Link>
      )}
      {refused && (
        <Box role="alert" sx={{ color: "error.main", mt: 0.5 }}>
          {refused}
        </Box>
      )}
    </>
  );
}
