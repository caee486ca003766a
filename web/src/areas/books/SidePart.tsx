// Own flips over again, several at a time.
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useSideBySide } from "../../api/queries";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import { useBooksFilter } from "./useBooksFilter";
import { Assumed, Inputs, money } from "./whatIfWords";

export function SidePart({ currency, people }: { currency: string; people: number }) {
  const { filter } = useBooksFilter();
  const [hands, setHands] = useState(Math.max(people, 1));
  const answer = useSideBySide(filter, hands).data;
  return (
    <Part title="Had I worked several at a time">
      <Inputs>
        <TextField
          select
          label="People at the bench"
          value={hands}
          onChange={(event) => setHands(Number(event.target.value))}
          sx={{ width: 170 }}
        >
          {[...new Set([1, 2, 3, hands])].sort().map((count) => (
            <MenuItem key={count} value={count}>
              {count}
            </MenuItem>
          ))}
        </TextField>
      </Inputs>
      {answer && answer.n === 0 && (
        <Typography sx={{ color: "text.secondary" }}>No sold flip has its days at the bench recorded.</Typography>
      )}
      {answer && answer.n > 0 && (
        <>
          <SmallTable
            label="Pieces at a time"
            columns={[
              "Pieces at a time",
              ["Days for all"],
              ["Pieces a year"],
              [`Profit a year, ${currency}`],
              ["Bench days unused"],
            ]}
            rows={answer.rows.map((row) => ({
              key: row.at_once,
              cells: [row.at_once, row.days, row.a_year, row.profit?.text ?? "not known", row.idle],
            }))}
            width={680}
          />
          <Typography>{`Your latest ${answer.n} flips with days at the bench, ${money(answer.profit, currency)} each on average.`}</Typography>
          <Assumed lines={answer.assumes} />
        </>
      )}
    </Part>
  );
}
