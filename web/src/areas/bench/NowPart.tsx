// What fits into the time at hand: the next steps over all pieces, in order, each started with one tap.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { lazy, Suspense } from "react";
import { Link } from "react-router";
import type { AtHand } from "../../api/queries";
import type { Person, Today } from "../../api/types";
import { LeadAnswers } from "../../kit/LeadAnswers";
import { Part } from "../../kit/Part";
import { useStartStep } from "../../kit/useStartStep";
import { words } from "./atHand";
import { NowRow } from "./NowRow";

const AtHandChoice = lazy(() => import("./AtHandChoice"));

type Props = { now: Today["now"]; people: Person[]; busy: number[]; onChange: (atHand: AtHand) => void };

export function NowPart({ now, people, busy, onChange }: Props) {
  const [start, questions] = useStartStep();
  const taken = busy.includes(now.person_id);
  return (
    <Part
      title="What now"
      action={
        <Suspense fallback={<Box sx={{ minHeight: 56 }} />}>
          <AtHandChoice now={now} people={people} onChange={onChange} />
        </Suspense>
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
