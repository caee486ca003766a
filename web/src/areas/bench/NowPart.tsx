// What fits into the time at hand: the next steps over all pieces, in order, each started with one tap.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { Link } from "react-router";
import type { AtHand } from "../../api/queries";
import type { Person, Today } from "../../api/types";
import { LeadAnswers } from "../../kit/LeadAnswers";
import { Part } from "../../kit/Part";
import { useStartStep } from "../../kit/useStartStep";
import { NowRow } from "./NowRow";

const CHOICES = [15, 30, 40, 60, 90, 120, 180, 240];
const words = (minutes: number) =>
  minutes < 60
    ? `${minutes} minutes`
    : minutes % 60
      ? `${Math.floor(minutes / 60)} h ${minutes % 60}`
      : `${minutes / 60} h`;

type Props = { now: Today["now"]; people: Person[]; busy: number[]; onChange: (atHand: AtHand) => void };

export function NowPart({ now, people, busy, onChange }: Props) {
  const [start, questions] = useStartStep();
  const choices = [...new Set([...CHOICES, now.minutes])].sort((one, other) => one - other);
  const taken = busy.includes(now.person_id);
  return (
    <Part
      title="What now"
      action={
        <>
          {people.length > 1 && (
            <TextField
              select
              label="Who"
              value={now.person_id}
              onChange={(event) => onChange({ minutes: now.minutes, person: Number(event.target.value) })}
              sx={{ width: 120 }}
            >
              {people.map((person) => (
                <MenuItem key={person.id} value={person.id}>
                  {person.name}
                </MenuItem>
              ))}
            </TextField>
          )}
          <TextField
            select
            label="Time at hand"
            value={now.minutes}
            onChange={(event) => onChange({ minutes: Number(event.target.value), person: now.person_id })}
            sx={{ width: 132 }}
          >
            {choices.map((minutes) => (
              <MenuItem key={minutes} value={minutes}>
                {words(minutes)}
              </MenuItem>
            ))}
          </TextField>
        </>
      }
    >
      {now.rows.length === 0 ? (
        <Box sx={{ py: 1.5 }}>
          Nothing of the planned work fits into {words(now.minutes)}: it dries, waits for daylight or for somebody’s
          decision. Look at <Link to="/week">the week</Link>, or choose a look for a piece that has none.
        </Box>
      ) : (
        <Box component="ol" sx={{ listStyle: "none", m: 0, p: 0 }}>
          {now.rows.map((row, place) => (
            <NowRow key={row.id} row={row} first={place === 0}>
              {row.step === "lead" && <LeadAnswers piece={row.piece} />}
              <Button
                variant={place === 0 ? "contained" : "outlined"}
                disabled={taken || row.running}
                onClick={() =>
                  start({ piece_id: row.piece.id, step: row.step, label: row.label, person_id: now.person_id })
                }
                aria-label={`Start ${row.label} on ${row.piece.name}`}
              >
                Start
              </Button>
            </NowRow>
          ))}
        </Box>
      )}
      {questions}
    </Part>
  );
}
