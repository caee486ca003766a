// How Books are looked at, kept in the address: year, which profit, which hours.
import { useSearchParams } from "react-router";
import type { BooksFilter } from "../../api/queries";

// What stays chosen from one page of Books to the next.
export const KEPT = ["year", "view", "hours"];

export function useBooksFilter() {
  const [params, setParams] = useSearchParams();
  const filter: BooksFilter = {};
  const [year, view, hours] = ["year", "view", "hours"].map((name) => params.get(name));
  if (year) filter.year = year;
  if (view === "cash" || view === "full") filter.view = view;
  if (hours === "bench" || hours === "all") filter.hours = hours;
  const set = (changes: Record<string, string | null>) =>
    setParams(
      (now) => {
        const next = new URLSearchParams(now);
        Object.entries(changes).forEach(([name, value]) =>
          value === null ? next.delete(name) : next.set(name, value),
        );
        return next;
      },
      { replace: true },
    );
  return { filter, set, params };
}
