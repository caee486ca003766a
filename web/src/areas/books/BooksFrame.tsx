// A page of Books: its head, the pages beside it, the switches, and what it shows once Books and the workshop are
// there.
import LinearProgress from "@mui/material/LinearProgress";
import type { ReactNode } from "react";
import { useBooks, useWorkshop } from "../../api/queries";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { BOOKS_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { BooksFilterBar } from "./BooksFilterBar";
import { KEPT, useBooksFilter } from "./useBooksFilter";
import { t } from "../../locales/books";

type Props = {
  title: string;
  line: string;
  action?: ReactNode;
  children: (currency: string, people: number) => ReactNode;
};

export function BooksFrame({ title, line, action, children }: Props) {
  const { filter } = useBooksFilter();
  const books = useBooks(filter);
  const workshop = useWorkshop();
  if (books.error && !isKept(books)) return <Failure error={books.error} again={() => void books.refetch()} />;
  if (!books.data || !workshop.data) return <LinearProgress aria-label={t("booksFrame.loading")} />;
  return (
    <>
      <PageHead title={title} line={line}>
        {action}
      </PageHead>
      <SubNav name={t("booksFrame.books")} pages={BOOKS_PAGES} keep={KEPT} />
      {books.data.years.length > 0 && (
        <BooksFilterBar years={books.data.years} view={books.data.view} hours={books.data.hours} />
      )}
      {children(workshop.data.symbol, workshop.data.people.length)}
    </>
  );
}
