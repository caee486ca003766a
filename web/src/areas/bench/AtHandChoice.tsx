// Who has time, and how much of it.
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { AtHand } from "../../api/queries";
import type { Person, Today } from "../../api/types";
import { CHOICES, words } from "./atHand";
import { t } from "../../locales/bench";

type Props = { now: Today["now"]; people: Person[]; onChange: (atHand: AtHand) => void };

export default function AtHandChoice({ now, people, onChange }: Props) {
  const choices = [...new Set([...CHOICES, now.minutes])].sort((one, other) => one - other);
  return (
    <>
      {people.length > 1 && (
        <TextField
          select
          label={t("atHandChoice.who")}
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
        label={t("atHandChoice.timeHave")}
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
  );
}
