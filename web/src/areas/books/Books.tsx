// Books: what the flips earned, over all and month by month, and the table of all of them.
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { useBooks, useWorkshop } from "../../api/queries";
import type { Books as BooksData } from "../../api/types";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { Figures } from "../../kit/Figures";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { BOOKS_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { FlipsTable } from "./FlipsTable";
import { BooksFilterBar } from "./BooksFilterBar";
import { MonthsChart } from "./MonthsChart";
import { useBooksFilter } from "./useBooksFilter";

const flips = (count: number) => `${count} ${count === 1 ? "flip" : "flips"}`;

export default function Books() {
  const { filter } = useBooksFilter();
  const year = filter.year ?? "";
  const books = useBooks(filter);
  const workshop = useWorkshop();
  if (books.error) return <Failure error={books.error} again={() => void books.refetch()} />;
  if (!books.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { counts, years, view, hours, figures, other_hours: otherHours, turnaround, months } = books.data;
  const currency = workshop.data.currency;
  const ended = counts.sold + counts.scrapped + counts.kept_or_given_away;
  const notes = {
    profit: `over ${flips(counts.profit_known)}, ${counts.scrapped} scrapped among them`,
    hourly_pay: `pooled over ${counts.hours_known} of ${flips(counts.sold + counts.scrapped)}, those with hours`,
    losses: "in the profit already",
    at_cost: `${flips(counts.kept_or_given_away)}, outside pay`,
  };
  return (
    <>
      <PageHead
        title="Books"
        line={`${flips(ended)} ended${year ? ` in ${year}` : ""}; ${inHand(books.data, currency)}.`}
      >
        <Button component={Link} to="/books/import" variant="outlined">
          Bring in past flips
        </Button>
      </PageHead>
      <SubNav name="Books" pages={BOOKS_PAGES} />
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
          <Part title="What came of it">
            <Figures figures={figures} currency={currency} notes={notes} />
            <Typography variant="caption" component="p" sx={{ mt: 2, mb: 0, color: "text.secondary" }}>
              By the other rule of hours:{" "}
              {otherHours.map((figure) => `${figure.label.toLowerCase()} ${figure.text ?? "undefined"}`).join(", ")}.
              Turnaround{" "}
              {turnaround.median
                ? `median ${turnaround.median} days, middle half ${turnaround.lower} to ${turnaround.upper}, n = ${turnaround.n}.`
                : "undefined: no sold flip has both dates."}
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
