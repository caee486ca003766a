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

const flips = (count: number) => `${count} ${count === 1 ? "flip" : "flips"}`;

export default function Books() {
  const { filter } = useBooksFilter();
  const year = filter.year ?? "";
  const books = useBooks(filter);
  const workshop = useWorkshop();
  if (books.error && !isKept(books)) return <Failure error={books.error} again={() => void books.refetch()} />;
  if (!books.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { opening, counts, years, view, hours, figures, other_hours: otherHours, turnaround, months } = books.data;
  const currency = workshop.data.currency;
  const ended = counts.sold + counts.scrapped + counts.kept_or_given_away;
  const notes = {
    profit: `from ${flips(counts.profit_known)}${counts.scrapped > 0 ? `, ${counts.scrapped} of them scrapped` : ""}`,
    hourly_pay: `from the ${flips(counts.hours_known)} with hours`,
    losses: "in the profit already",
    at_cost: `${flips(counts.kept_or_given_away)}, not in hourly pay`,
  };
  return (
    <>
      <PageHead
        title={opening ?? "Books"}
        name="Books"
        line={`${flips(ended)} ended${year ? ` in ${year}` : ""}; ${inHand(books.data, currency)}.`}
      >
        <Button component={Link} to="/books/import" variant="outlined">
          Bring in past flips
        </Button>
      </PageHead>
      <SubNav name="Books" pages={BOOKS_PAGES} keep={KEPT} />
      {years.length > 0 && <BooksFilterBar years={years} view={view} hours={hours} />}
      {ended === 0 ? (
        <Empty title="No flip has ended yet">
          <span>
            Books fill with the first sale you record. A spreadsheet of past flips gives you all of it at once.
          </span>
          <Button component={Link} to="/books/import" variant="contained">
            Bring in past flips
          </Button>
        </Empty>
      ) : (
        <>
          <Part title="Result">
            <Figures figures={figures} currency={currency} notes={notes} />
            <Typography variant="caption" component="p" sx={{ mt: 2, mb: 0, color: "text.secondary" }}>
              {others(otherHours)}
              {turnaround.median
                ? `Half of ${turnaround.n} took ${turnaround.lower} to ${turnaround.upper} days from bought to sold.`
                : "No sold flip has both dates yet."}
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
  if (count === 0) return "nothing in hand";
  return `${count} in hand with ${tiedUp?.text ?? "an unknown sum"} ${currency} tied up, the oldest for ${oldest ?? "unknown"} days`;
}

// "Counting all 446 h 13: 10.08 an hour. "
function others([hours, pay]: BooksData["other_hours"]): string {
  if (!hours?.text || !pay?.text) return "";
  return `Counting ${hours.label.includes("all") ? `all ${hours.text}` : `only ${hours.text} at the bench`}: ${pay.text} an hour. `;
}
