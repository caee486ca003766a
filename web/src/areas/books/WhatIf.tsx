// Own history over again: without a group of flips, with less asked, with more pieces at a time.
import { BooksFrame } from "./BooksFrame";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState, type ReactNode } from "react";
import { useSideBySide, useCheaper, type Trait, useComparison, useWithout } from "../../api/queries";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import { useBooksFilter } from "./useBooksFilter";
import Box from "@mui/material/Box";
import { Row } from "../../kit/layout";

// What the parts of "What if" say alike: money or "not known", what is assumed, the row of choices.
const money = (value: { text: string } | null | undefined, currency: string) =>
  value ? `${value.text} ${currency}` : "not known";
const Assumed = ({ lines }: { lines: string[] }) => (
  <Typography variant="caption" component="p" sx={{ color: "text.secondary", mt: 1 }}>
    {`Assumed: ${lines.join(" ")}`}
  </Typography>
);
const Inputs = ({ children }: { children: ReactNode }) => (
  <Row gap={2} align="stretch" sx={{ mb: 1.5 }}>
    {children}
  </Row>
);

export default function WhatIf() {
  return (
    <BooksFrame
      title="What if"
      line="Your own flips over again, done otherwise: computed, with what is assumed beside it."
    >
      {(currency, people) => (
        <>
          <WithoutPart currency={currency} />
          <CheaperPart currency={currency} />
          <SidePart currency={currency} people={people} />
        </>
      )}
    </BooksFrame>
  );
}

// Own flips over again, several at a time.
function SidePart({ currency, people }: { currency: string; people: number }) {
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

// Own sales over again with less asked.
function CheaperPart({ currency }: { currency: string }) {
  const { filter } = useBooksFilter();
  const [less, setLess] = useState(10);
  const [quicker, setQuicker] = useState("");
  const answer = useCheaper(filter, less, quicker).data;
  return (
    <Part title="Had I asked less">
      <Inputs>
        <TextField
          select
          label="Asked less by"
          value={less}
          onChange={(event) => setLess(Number(event.target.value))}
          sx={{ width: 140 }}
        >
          {[5, 10, 15, 20, 30].map((percent) => (
            <MenuItem key={percent} value={percent}>{`${percent}%`}</MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Each percent saves, of the days"
          value={quicker}
          onChange={(event) => setQuicker(event.target.value)}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          sx={{ width: 260 }}
        >
          <MenuItem value="">as your listings say</MenuItem>
          {["0", "1", "2", "3", "4", "6"].map((percent) => (
            <MenuItem key={percent} value={percent}>{`${percent}%`}</MenuItem>
          ))}
        </TextField>
      </Inputs>
      {answer && (
        <Box role="status">
          {answer.n === 0 ? (
            <Typography sx={{ color: "text.secondary" }}>No sale to work again.</Typography>
          ) : (
            <>
              <Typography>
                {`Over ${answer.n} sales ${money(answer.lost, currency)} less taken home, and ${answer.days} days on the market saved. `}
                {answer.net ? (
                  <>
                    {`Each space earns ${answer.profit_per_space_day?.text} a day, so these days are worth ${answer.won?.text}: `}
                    <b>{`${answer.net.minor >= 0 ? "+" : ""}${money(answer.net, currency)}`}</b>
                    {" in all."}
                  </>
                ) : (
                  "What a saved day is worth is not known: too few sales say what a space earns."
                )}
              </Typography>
              {answer.needed && (
                <Typography>{`It pays from ${answer.needed} of the days saved for each percent on.`}</Typography>
              )}
              <Assumed lines={answer.assumes} />
            </>
          )}
        </Box>
      )}
    </Part>
  );
}

// Own flips over again without a group of them.
function WithoutPart({ currency }: { currency: string }) {
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
