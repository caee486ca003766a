// Books: what the flips earned, over all and month by month, and the table of all of them.
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { useBooks, useWorkshop } from "../../api/queries";
import type { Books as BooksData } from "../../api/types";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { Figures } from "../../kit/Figures";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { BOOKS_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { FlipsTable } from "./FlipsTable";
import { BooksFilterBar } from "./BooksFilterBar";
import { MonthsChart } from "./MonthsChart";
import { KEPT, useBooksFilter } from "./useBooksFilter";
import { t } from "../../locales/books";

const flips = (count: number) => `${count} ${count === 1 ? "flip" : "flips"}`;

export default function Books() {
  const { filter } = useBooksFilter();
  const year = filter.year ?? "";
  const books = useBooks(filter);
  const workshop = useWorkshop();
  if (books.error && !isKept(books)) return <Failure error={books.error} again={() => void books.refetch()} />;
  if (!books.data || !workshop.data) return <LinearProgress aria-label={t("books.loading")} />;
  const { opening, counts, years, view, hours, figures, other_hours: otherHours, turnaround, months } = books.data;
  const currency = workshop.data.symbol;
  const ended = counts.sold + counts.scrapped + counts.kept_or_given_away;
  const notes = {
    profit: t("books.from", {
      profitknown: flips(counts.profit_known),
      more: counts.scrapped > 0 ? t("books.themScrapped", { scrapped: counts.scrapped }) : "",
    }),
    hourly_pay: t("books.hours", { hoursknown: flips(counts.hours_known) }),
    losses: t("books.includedProfit"),
    at_cost: t("books.countedHourlyPay", { keptorgivenaway: flips(counts.kept_or_given_away) }),
  };
  return (
    <>
      <PageHead
        title={opening ?? t("books.books")}
        name={t("books.books")}
        line={t("books.finished", {
          ended: flips(ended),
          more: year ? t("books.in", { year }) : "",
          books: inHand(books.data, currency),
        })}
      >
        <Button component={Link} to="/books/import" variant="outlined">
          {t("books.importPastFlips")}
        </Button>
      </PageHead>
      <SubNav name={t("books.books")} pages={BOOKS_PAGES} keep={KEPT} />
      {years.length > 0 && <BooksFilterBar years={years} view={view} hours={hours} />}
      {ended === 0 ? (
        <Empty title={t("books.finishedFlipsYet")}>
          <span>{t("books.booksStartFirstSale")}</span>
          <Button component={Link} to="/books/import" variant="contained">
            {t("books.importPastFlips")}
          </Button>
        </Empty>
      ) : (
        <>
          <Part title={t("books.result")}>
            <Figures figures={figures} notes={notes} />
            <Typography variant="caption" component="p" sx={{ mt: 2, mb: 0, color: "text.secondary" }}>
              {others(otherHours)}
              {turnaround.median
                ? t("books.halfFlipsTookDays", {
                    count: turnaround.n,
                    lower: turnaround.lower,
                    upper: turnaround.upper,
                  })
                : t("books.soldFlipHasBoth")}
            </Typography>
          </Part>
          <MonthsChart months={months} currency={currency} />
          <FlipsTable year={year} currency={currency} />
        </>
      )}
    </>
  );
}

function inHand(books: BooksData, currency: string): string {
  const { count, tied_up: tiedUp, oldest_days: oldest } = books.in_hand;
  if (count === 0) return t("books.piecesHand");
  return t("books.piecesHandTiedUp", {
    count,
    tiedUp: tiedUp?.text ?? t("books.unknownAmount"),
    currency,
    oldest: oldest ?? "unknown",
  });
}

// "Counting all 446 h 13: 10.08 an hour. "
function others([hours, pay]: BooksData["other_hours"]): string {
  if (!hours?.text || !pay?.text) return "";
  return t("books.countingHour", {
    more: hours.label.includes("all")
      ? t("books.all", { hours: hours.text })
      : t("books.handsWorkOnly", { hours: hours.text }),
    pay: pay.text,
  });
}
