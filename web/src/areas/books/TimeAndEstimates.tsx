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
import { t } from "../../locales/books";

const flip = (one: { id: number; name: string }) => (
  <Link key="flip" to={`/pieces/${one.id}`}>
    {one.name}
  </Link>
);

export default function TimeAndEstimates() {
  const { filter } = useBooksFilter();
  const inStage = useTimeInStage(filter);
  return (
    <BooksFrame title={t("timeAndEstimates.hoursEstimates")} line={t("timeAndEstimates.whereDaysMoneyGo")}>
      {(currency) =>
        inStage.data ? (
          <>
            <TimeParts inStage={inStage.data} currency={currency} />
            <EstimatesPart estimates={inStage.data.estimates} />
            <Found inStage={inStage.data} currency={currency} />
            <FlipsTable
              year={filter.year ?? ""}
              currency={currency}
              title={t("timeAndEstimates.theseFlips")}
              first="turnaround"
            />
          </>
        ) : (
          <LinearProgress aria-label={t("timeAndEstimates.lookingBack")} />
        )
      }
    </BooksFrame>
  );
}

function TimeParts({ inStage, currency }: { inStage: TimeInStage; currency: string }) {
  const none = <Typography sx={{ color: "text.secondary" }}>{t("timeAndEstimates.piecesHand")}</Typography>;
  return (
    <>
      <Part title={t("timeAndEstimates.daysBuyingSelling")}>
        <TurnaroundStrips parts={inStage.parts} />
        <SmallTable
          label={t("timeAndEstimates.whereDaysGo")}
          columns={[
            t("timeAndEstimates.part"),
            [t("timeAndEstimates.daysMedian")],
            [t("timeAndEstimates.middleHalf")],
            [t("timeAndEstimates.flips")],
          ]}
          rows={inStage.parts.map(({ label, days }) => ({
            key: label,
            strong: label === "Turnaround",
            cells: [
              label,
              days.median ?? t("timeAndEstimates.yet"),
              days.lower === null ? "–" : t("timeAndEstimates.text", { lower: days.lower, upper: days.upper }),
              days.n,
            ],
          }))}
          width={620}
        />
        {inStage.seasons.map((note) => (
          <Typography key={note}>{note}</Typography>
        ))}
      </Part>
      <Part title={t("timeAndEstimates.moneyTiedUp")}>
        {inStage.oldest.length === 0 ? (
          none
        ) : (
          <Box sx={{ display: "grid", gridTemplateColumns: { md: "1fr 1fr" }, columnGap: 4 }}>
            <SmallTable
              label={t("timeAndEstimates.handLongest")}
              columns={[
                t("timeAndEstimates.handLongest"),
                [t("timeAndEstimates.days")],
                [t("timeAndEstimates.spentSoFar", { currency })],
              ]}
              rows={inStage.oldest.map((one) => ({
                key: one.id,
                cells: [flip(one), one.days, one.tied_up?.bare ?? t("timeAndEstimates.unknown")],
              }))}
            />
            <SmallTable
              label={t("timeAndEstimates.wherePiecesHandWaiting")}
              columns={[
                t("timeAndEstimates.stage"),
                [t("timeAndEstimates.pieces")],
                [t("timeAndEstimates.daysThereMedian")],
              ]}
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
        <Part title={t("timeAndEstimates.foundMonth")}>
          <Box
            role="img"
            aria-label={t("timeAndEstimates.piecesFoundMonth", {
              found: found.map((month) => `${month.label} ${month.count}`).join(", "),
            })}
          >
            <BarChart
              height={180}
              hideLegend
              skipAnimation
              margin={{ left: 0, right: 8, top: 12, bottom: 0 }}
              xAxis={[{ data: found.map((month) => month.label), tickLabelStyle: { fontSize: 12 } }]}
              yAxis={[{ width: 46, tickMinStep: 1, label: t("timeAndEstimates.pieces") }]}
              series={[
                {
                  data: found.map((month) => month.count),
                  label: t("timeAndEstimates.piecesFound"),
                  color: "var(--k-palette-primary-main)",
                },
              ]}
            />
          </Box>
          <Box component="details" sx={{ mt: 1 }}>
            <summary>{t("timeAndEstimates.tablePricesPaid")}</summary>
            <SmallTable
              label={t("timeAndEstimates.foundMonth2")}
              columns={[
                t("timeAndEstimates.month"),
                [t("timeAndEstimates.pieces")],
                [t("timeAndEstimates.paidTotal", { currency })],
                [t("timeAndEstimates.medianPaid")],
                [t("timeAndEstimates.price")],
              ]}
              rows={found.map((month) => ({
                key: month.month,
                cells: [month.label, month.count, month.paid?.bare ?? "–", month.median?.bare ?? "–", month.known],
              }))}
              width={620}
            />
          </Box>
        </Part>
      )}
      <Part title={t("timeAndEstimates.bought")}>
        <Typography>
          {gone.count === 0
            ? t("timeAndEstimates.haventPassedAnySpotted")
            : t("timeAndEstimates.passedSpottedPiecesSomeone", {
                count: gone.count,
                more: gone.forgone
                  ? t("timeAndEstimates.estimatesTimeThemWould", {
                      known: gone.known,
                      forgone: gone.forgone.text,
                      currency,
                    })
                  : t("timeAndEstimates.nonePricedLowEnough"),
              })}{" "}
          <Link to="/scout/record">{t("timeAndEstimates.onesGotAway")}</Link>
        </Typography>
      </Part>
    </>
  );
}

// Estimates against what came: by how much and which way, with the flips behind each.
function EstimatesPart({ estimates }: { estimates: TimeInStage["estimates"] }) {
  return (
    <Part title={t("timeAndEstimates.estimatedActual")}>
      {estimates.map((line) => (
        <Box key={line.key} sx={{ py: 0.75, borderBottom: 1, borderColor: "divider" }}>
          <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2 }}>
            <Box sx={{ flex: "0 0 270px", fontWeight: 600 }}>{line.label}</Box>
            <Box>
              {line.text}
              {line.n > 0 && (
                <Typography component="span" sx={{ color: "text.secondary" }}>
                  {t("timeAndEstimates.medianMiddleHalfOver", {
                    count: line.n,
                    spread: line.spread,
                    over: line.over,
                    under: line.under,
                  })}
                </Typography>
              )}
            </Box>
          </Box>
          {line.pairs.length > 0 && (
            <Box component="details">
              <summary>{t("timeAndEstimates.theseFlips")}</summary>
              <SmallTable
                label={line.label}
                columns={[
                  t("timeAndEstimates.flip"),
                  [t("timeAndEstimates.estimated")],
                  [t("timeAndEstimates.actual")],
                ]}
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
