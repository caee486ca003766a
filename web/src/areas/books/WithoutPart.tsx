// Own flips over again without a group of them.
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { type Trait, useComparison, useWithout } from "../../api/queries";
import { Part } from "../../kit/Part";
import { useBooksFilter } from "./useBooksFilter";
import { Assumed, Inputs, money } from "./whatIfWords";

export function WithoutPart({ currency }: { currency: string }) {
  const { filter } = useBooksFilter();
  const [by, setBy] = useState<Trait>("technique");
  const [trait, setTrait] = useState<string | null>(null);
  const [filled, setFilled] = useState(50);
  const groups = useComparison(filter, by).data;
  const answer = useWithout(filter, by, trait, filled).data;
  return (
    <Part title="Had I left some jobs alone">
      <Inputs>
        <TextField
          select
          label="By"
          value={by}
          onChange={(event) => (setBy(event.target.value as Trait), setTrait(null))}
          sx={{ width: 190 }}
        >
          {(groups?.choices ?? [{ key: by, label: by }]).map((choice) => (
            <MenuItem key={choice.key} value={choice.key}>
              {choice.label}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Without"
          value={trait ?? ""}
          onChange={(event) => setTrait(event.target.value)}
          sx={{ width: 220 }}
        >
          {groups?.rows.map((row) => (
            <MenuItem key={row.key} value={row.key}>
              {`${row.label} (${row.ended})`}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Freed hours filled"
          value={filled}
          onChange={(event) => setFilled(Number(event.target.value))}
          sx={{ width: 150 }}
        >
          {[0, 25, 50, 75, 100].map((percent) => (
            <MenuItem key={percent} value={percent}>{`${percent}%`}</MenuItem>
          ))}
        </TextField>
      </Inputs>
      {trait === null ? (
        <Typography sx={{ color: "text.secondary" }}>Choose what to leave out.</Typography>
      ) : (
        answer && (
          <Box role="status">
            <Typography>
              {`Without the ${answer.flips} flips of “${answer.label}” your profit would have been `}
              <b>{money(answer.profit, currency)}</b>
              {` instead of ${money(answer.with, currency)}`}
              {answer.change && ` (${answer.change.minor >= 0 ? "+" : ""}${answer.change.text})`}
              {`, at ${money(answer.pay, currency)} an hour instead of ${money(answer.pay_with, currency)}, with ${answer.freed?.text ?? "unknown hours"} freed.`}
            </Typography>
            <Typography>
              {answer.made_up
                ? `Nothing is lost once ${answer.made_up} of the freed hours go into flips like the rest.`
                : "Whether the freed hours could make up for them cannot be told: pay or hours are not known, or the rest paid nothing."}
            </Typography>
            <Assumed lines={answer.assumes} />
          </Box>
        )
      )}
    </Part>
  );
}
