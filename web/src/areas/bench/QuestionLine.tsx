// What only the person can say, with the answers a tap away.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { Link } from "react-router";
import { api, ProblemError } from "../../api/client";
import type { components } from "../../api/schema";
import type { Today } from "../../api/types";
import { EffortInput } from "../../kit/EffortInput";
import { TickBoxes } from "../../kit/TickBoxes";
import { useLikely } from "../../kit/useLikely";
import { useUndo } from "../../kit/session/undo";
import { useSave } from "../../kit/session/useSave";

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
        hint: expected ? `about ${expected.text}` : undefined,
        likely,
      }));
  const { ticked, setTicked } = useLikely(String(question.id), rows);
  const said = (keys: string[]): Answered => (steps ? { steps: keys } : { items: keys });
  return (
    <Box sx={{ mt: 0.5, display: "grid", gap: 1 }}>
      <TickBoxes
        question={steps ? "Tap what is done" : "Tap what it pays for"}
        rows={rows}
        ticked={ticked}
        onChange={setTicked}
        none="Tick none"
      />
      <Box sx={row}>
        <Button variant="contained" disabled={ticked.size === 0} onClick={() => void send(said([...ticked]))}>
          {steps ? "Mark as done" : "Save"}
        </Button>
        <Button variant="outlined" onClick={() => void send(said([]))}>
          {steps ? "None of these" : "Nothing planned"}
        </Button>
      </Box>
    </Box>
  );
}

// How much work is left, where the hours that were said are used up.
function Left({ question, send }: Props) {
  const [text, setText] = useState("");
  return (
    <Box sx={{ ...row, alignItems: "start" }}>
      <EffortInput label="Work left" value={text} onChange={setText} sx={{ maxWidth: 220 }} />
      <Button variant="contained" disabled={text.trim() === ""} onClick={() => void send({ answer: text })}>
        Save
      </Button>
      <Buttons question={question} send={send} />
    </Box>
  );
}

type Became = "used" | "left_over" | "not_needed";
const BECAME: { key: Became; label: string }[] = [
  { key: "used", label: "used" },
  { key: "left_over", label: "left over" },
  { key: "not_needed", label: "not needed" },
];

// What became of material that was planned.
function Materials({ question, send }: Props) {
  const [rows, setRows] = useState(() =>
    question.materials.map(({ material, amount }) => ({ material, amount, became: "used" as Became })),
  );
  const set = (place: number, change: Partial<(typeof rows)[number]>) =>
    setRows((all) => all.map((one, index) => (index === place ? { ...one, ...change } : one)));
  return (
    <Box sx={{ display: "grid", gap: 1, mt: 1 }}>
      {question.materials.map(({ material, label }, place) => (
        <Box key={material} role="group" aria-label={label} sx={{ ...row, mt: 0, alignItems: "center" }}>
          <Box sx={{ flex: "1 1 180px" }}>{label}</Box>
          <TextField
            select
            label="It was"
            value={rows[place]?.became ?? "used"}
            onChange={(event) => set(place, { became: event.target.value as Became })}
            sx={{ width: 140 }}
          >
            {BECAME.map(({ key, label: said }) => (
              <MenuItem key={key} value={key}>
                {said}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            label="Amount"
            value={rows[place]?.amount ?? ""}
            disabled={rows[place]?.became !== "used"}
            onChange={(event) => set(place, { amount: event.target.value })}
            sx={{ width: 120 }}
          />
        </Box>
      ))}
      <Box sx={row}>
        <Button variant="contained" onClick={() => void send({ materials: rows })}>
          Save
        </Button>
        <Button
          variant="outlined"
          onClick={() => void send({ materials: rows.map((one) => ({ ...one, became: "not_needed" })) })}
        >
          None was used
        </Button>
      </Box>
    </Box>
  );
}

const ANSWERS = { hours: Ticks, costs: Ticks, said: Left, materials: Materials, touch_up: Buttons, overlap: Buttons };

export default function QuestionLine({ question }: { question: Question }) {
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
      {Answer ? <Answer question={question} send={send} /> : <Link to="/shelf">Look at the shelf</Link>}
      {refused && (
        <Box role="alert" sx={{ color: "error.main", mt: 0.5 }}>
          {refused}
        </Box>
      )}
    </>
  );
}
