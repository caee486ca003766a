// Where time and money stand: parts of the turnaround, what is tied up, what was found, and how well was guessed.
import Box from "@mui/material/Box";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { BarChart } from "@mui/x-charts/BarChart";
import { Link } from "react-router";
import { useTimeInStage } from "../../api/queries";
import type { TimeInStage } from "../../api/types";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import { TurnaroundStrips } from "./TurnaroundStrips";
import { BooksFrame } from "./BooksFrame";
import { FlipsTable } from "./FlipsTable";
import { useBooksFilter } from "./useBooksFilter";

const flip = (one: { id: number; name: string }) => (
  <Link key="flip" to={`/pieces/${one.id}`}>
    {one.name}
  </Link>
);

export default function TimeAndEstimates() {
  const { filter } = useBooksFilter();
  const inStage = useTimeInStage(filter);
  return (
    <BooksFrame
      title="Time and estimates"
      line="Where the days and the money stand, and how what was expected compares with what came."
    >
      {(currency) =>
        inStage.data ? (
          <>
            <TimeParts inStage={inStage.data} currency={currency} />
            <EstimatesPart estimates={inStage.data.estimates} />
            <Found inStage={inStage.data} currency={currency} />
            <FlipsTable year={filter.year ?? ""} currency={currency} title="Flips behind it" first="turnaround" />
          </>
        ) : (
          <LinearProgress aria-label="Looking back" />
        )
      }
    </BooksFrame>
  );
}

function TimeParts({ inStage, currency }: { inStage: TimeInStage; currency: string }) {
  const none = <Typography sx={{ color: "text.secondary" }}>Nothing is in hand.</Typography>;
  return (
    <>
      <Part title="Days from bought to sold">
        <TurnaroundStrips parts={inStage.parts} />
        <SmallTable
          label="Parts of the turnaround"
          columns={["Part", ["Median days"], ["Half of them"], ["Flips"]]}
          rows={inStage.parts.map(({ label, days }) => ({
            key: label,
            strong: label === "Turnaround",
            cells: [
              label,
              days.median ?? "not yet",
              days.lower === null ? "–" : `${days.lower} to ${days.upper}`,
              days.n,
            ],
          }))}
          width={620}
        />
        {inStage.seasons.map((note) => (
          <Typography key={note}>{note}</Typography>
        ))}
      </Part>
      <Part title="Money tied up">
        {inStage.oldest.length === 0 ? (
          none
        ) : (
          <Box sx={{ display: "grid", gridTemplateColumns: { md: "1fr 1fr" }, columnGap: 4 }}>
            <SmallTable
              label="In hand longest"
              columns={["In hand longest", ["Days"], [`Money in, ${currency}`]]}
              rows={inStage.oldest.map((one) => ({
                key: one.id,
                cells: [flip(one), one.days, one.tied_up?.text ?? "not known"],
              }))}
            />
            <SmallTable
              label="What pieces in hand wait for"
              columns={["Stage", ["Pieces"], ["Median days there"]]}
              rows={inStage.waits.map((one) => ({
                key: one.stage,
                cells: [one.stage, one.count, one.days ?? "–"],
              }))}
            />
          </Box>
        )}
      </Part>
    </>
  );
}

function Found({ inStage, currency }: { inStage: TimeInStage; currency: string }) {
  const { found, gone } = inStage;
  return (
    <>
      {found.length > 0 && (
        <Part title="Found month by month">
          <Box
            role="img"
            aria-label={`Pieces found by month: ${found.map((month) => `${month.label} ${month.count}`).join(", ")}`}
          >
            <BarChart
              height={180}
              hideLegend
              skipAnimation
              margin={{ left: 0, right: 8, top: 12, bottom: 0 }}
              xAxis={[{ data: found.map((month) => month.label), tickLabelStyle: { fontSize: 12 } }]}
              yAxis={[{ width: 46, tickMinStep: 1, label: "Pieces" }]}
              series={[
                {
                  data: found.map((month) => month.count),
                  label: "Pieces found",
                  color: "var(--k-palette-primary-main)",
                },
              ]}
            />
          </Box>
          <Box component="details" sx={{ mt: 1 }}>
            <summary>As a table, with what was paid</summary>
            <SmallTable
              label="Found by month"
              columns={["Month", ["Pieces"], [`Paid in all, ${currency}`], ["Median paid"], ["Prices known"]]}
              rows={found.map((month) => ({
                key: month.month,
                cells: [month.label, month.count, month.paid?.text ?? "–", month.median?.text ?? "–", month.known],
              }))}
              width={620}
            />
          </Box>
        </Part>
      )}
      <Part title="Not bought">
        <Typography>
          {gone.count === 0
            ? "No spotted piece was let go or went to somebody else."
            : `${gone.count} spotted pieces were let go or went. ${gone.forgone ? `By the estimates of their time ${gone.known} of them would have left ${gone.forgone.text} ${currency} above target pay.` : "None had a tag below the most to pay."}`}{" "}
          <Link to="/scout/record">What got away</Link>
        </Typography>
      </Part>
    </>
  );
}

// Estimates against what came: by how much and which way, with the flips behind each.
function EstimatesPart({ estimates }: { estimates: TimeInStage["estimates"] }) {
  return (
    <Part title="Estimate and actual">
      {estimates.map((line) => (
        <Box key={line.key} sx={{ py: 0.75, borderBottom: 1, borderColor: "divider" }}>
          <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2 }}>
            <Box sx={{ flex: "0 0 270px", fontWeight: 600 }}>{line.label}</Box>
            <Box>
              {line.text}
              {line.n > 0 && (
                <Typography component="span" sx={{ color: "text.secondary" }}>
                  {` (median of ${line.n}; half of them ${line.spread}; ${line.over} over, ${line.under} under)`}
                </Typography>
              )}
            </Box>
          </Box>
          {line.pairs.length > 0 && (
            <Box component="details">
              <summary>Flips behind it</summary>
              <SmallTable
                label={line.label}
                columns={["Flip", ["Estimated"], ["Came"]]}
                rows={line.pairs.map((pair) => ({
                  key: pair.id,
                  cells: [
                    <Link key="flip" to={`/pieces/${pair.id}`}>
                      {pair.name}
                    </Link>,
                    pair.estimated,
                    pair.actual,
                  ],
                }))}
                width={560}
              />
            </Box>
          )}
        </Box>
      ))}
    </Part>
  );
}
