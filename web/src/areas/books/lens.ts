// How Books are looked at, kept in the address: year, which profit, which hours.
import { useSearchParams } from "react-router";
import type { Lens } from "../../api/queries";

export function useLens() {
  const [params, setParams] = useSearchParams();
  const lens: Lens = {};
  const [year, view, hours] = ["year", "view", "hours"].map((name) => params.get(name));
  if (year) lens.year = year;
  if (view === "cash" || view === "full") lens.view = view;
  if (hours === "bench" || hours === "all") lens.hours = hours;
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
  return { lens, set, params };
}
