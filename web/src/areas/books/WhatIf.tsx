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
import { t } from "../../locales/books";

// What the parts of "What if" say alike: money or "not known", what is assumed, the row of choices.
const money = (value: { text: string } | null | undefined) => (value ? value.text : t("whatIf.unknown"));
const Assumed = ({ lines }: { lines: string[] }) => (
  <Typography variant="caption" component="p" sx={{ color: "text.secondary", mt: 1 }}>
    {t("whatIf.assumed", { lines: lines.join(" ") })}
  </Typography>
);
const Inputs = ({ children }: { children: ReactNode }) => (
  <Row gap={2} align="stretch" sx={{ mb: 1.5 }}>
    {children}
  </Row>
);

export default function WhatIf() {
  return (
    <BooksFrame title={t("whatIf.whatIf")} line={t("whatIf.ownFlipsDoneDifferently")}>
      {(currency, people) => (
        <>
          <WithoutPart />
          <CheaperPart />
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
    <Part title={t("whatIf.ifIdWorkedSeveral")}>
      <Inputs>
        <TextField
          select
          label={t("whatIf.peopleWorking")}
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
        <Typography sx={{ color: "text.secondary" }}>{t("whatIf.soldFlipHasRecorded")}</Typography>
      )}
      {answer && answer.n > 0 && (
        <>
          <SmallTable
            label={t("whatIf.piecesTime")}
            columns={[
              t("whatIf.piecesTime"),
              [t("whatIf.daysAllThem")],
              [t("whatIf.piecesPerYear")],
              [t("whatIf.profitPerYear", { currency })],
              [t("whatIf.unusedWorkDays")],
            ]}
            rows={answer.rows.map((row) => ({
              key: row.at_once,
              cells: [row.at_once, row.days, row.a_year, row.profit?.bare ?? t("whatIf.unknown"), row.idle],
            }))}
            width={680}
          />
          <Typography>{t("whatIf.latestFlipsWorkDays", { count: answer.n, profit: money(answer.profit) })}</Typography>
          <Assumed lines={answer.assumes} />
        </>
      )}
    </Part>
  );
}

// Own sales over again with less asked.
function CheaperPart() {
  const { filter } = useBooksFilter();
  const [less, setLess] = useState(10);
  const [quicker, setQuicker] = useState("");
  const answer = useCheaper(filter, less, quicker).data;
  return (
    <Part title={t("whatIf.ifIdAskedLess")}>
      <Inputs>
        <TextField
          select
          label={t("whatIf.askingLess")}
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
          label={t("whatIf.daysSavedEachPercent")}
          value={quicker}
          onChange={(event) => setQuicker(event.target.value)}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          sx={{ width: 260 }}
        >
          <MenuItem value="">{t("whatIf.listingsShow")}</MenuItem>
          {["0", "1", "2", "3", "4", "6"].map((percent) => (
            <MenuItem key={percent} value={percent}>{`${percent}%`}</MenuItem>
          ))}
        </TextField>
      </Inputs>
      {answer && (
        <Box role="status">
          {answer.n === 0 ? (
            <Typography sx={{ color: "text.secondary" }}>{t("whatIf.salesCalculate")}</Typography>
          ) : (
            <>
              <Typography>
                {t("whatIf.overSalesGetLess", {
                  count: answer.n,
                  lost: money(answer.lost),
                  days: answer.days,
                })}
                {answer.net ? (
                  <>
                    {t("whatIf.eachSpaceEarnsDay", {
                      profitperspaceday: answer.profit_per_space_day?.text,
                      won: answer.won?.text,
                    })}
                    <b>{`${answer.net.minor >= 0 ? "+" : ""}${money(answer.net)}`}</b>
                    {t("whatIf.total")}
                  </>
                ) : (
                  t("whatIf.cantSayYetWhat")
                )}
              </Typography>
              {answer.needed && <Typography>{t("whatIf.paysIfEachPercent", { needed: answer.needed })}</Typography>}
              <Assumed lines={answer.assumes} />
            </>
          )}
        </Box>
      )}
    </Part>
  );
}

// Own flips over again without a group of them.
function WithoutPart() {
  const { filter } = useBooksFilter();
  const [by, setBy] = useState<Trait>("technique");
  const [trait, setTrait] = useState<string | null>(null);
  const [filled, setFilled] = useState(50);
  const groups = useComparison(filter, by).data;
  const answer = useWithout(filter, by, trait, filled).data;
  return (
    <Part title={t("whatIf.ifIdSkippedSome")}>
      <Inputs>
        <TextField
          select
          label={t("whatIf.by")}
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
          label={t("whatIf.without")}
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
          label={t("whatIf.freedHoursFill")}
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
        <Typography sx={{ color: "text.secondary" }}>{t("whatIf.chooseWhatSkip")}</Typography>
      ) : (
        answer && (
          <Box role="status">
            <Typography>
              {t("whatIf.withoutFlipsProfitWould", { flips: answer.flips, answer: answer.label })}
              <b>{money(answer.profit)}</b>
              {t("whatIf.instead", { with: money(answer.with) })}
              {answer.change && ` (${answer.change.minor >= 0 ? "+" : ""}${answer.change.text})`}
              {t("whatIf.hourInsteadHaveFree", {
                pay: money(answer.pay),
                paywith: money(answer.pay_with),
                freed: answer.freed?.text ?? t("whatIf.unknownNumberHours"),
              })}
            </Typography>
            <Typography>
              {answer.made_up
                ? t("whatIf.loseNothingIfSpent", { madeup: answer.made_up })
                : t("whatIf.cantSayWhetherFree")}
            </Typography>
            <Assumed lines={answer.assumes} />
          </Box>
        )
      )}
    </Part>
  );
}
