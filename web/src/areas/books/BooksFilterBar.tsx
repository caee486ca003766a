// The switches of Books: year, cash or full cost, hours that count.
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useBooksFilter } from "./useBooksFilter";
import { Row } from "../../kit/layout";
import { t } from "../../locales/books";

const VIEWS = { cash: "cash", full: t("booksFilterBar.minusStashOverhead") };
const HOURS = { bench: t("booksFilterBar.handsOnly"), all: t("booksFilterBar.allHours") };

export function BooksFilterBar({ years, view, hours }: { years: string[]; view: string; hours: string }) {
  const { filter, set } = useBooksFilter();
  const year = filter.year ?? "";
  const known = years.includes(year) || year === "" ? years : [year, ...years];
  return (
    <Row className="no-print" gap={2} align="stretch" sx={{ mb: 2 }}>
      <TextField
        select
        label={t("booksFilterBar.year")}
        value={year}
        onChange={(event) => set({ year: event.target.value || null })}
        sx={{ width: 130 }}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      >
        <MenuItem value="">{t("booksFilterBar.allYears")}</MenuItem>
        {known.map((one) => (
          <MenuItem key={one} value={one}>
            {one}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        label={t("booksFilterBar.profit")}
        value={view}
        onChange={(event) => set({ view: event.target.value })}
        sx={{ width: 210 }}
      >
        {Object.entries(VIEWS).map(([key, label]) => (
          <MenuItem key={key} value={key}>
            {label}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        label={t("booksFilterBar.hoursCount")}
        value={hours}
        onChange={(event) => set({ hours: event.target.value })}
        sx={{ width: 150 }}
      >
        {Object.entries(HOURS).map(([key, label]) => (
          <MenuItem key={key} value={key}>
            {label}
          </MenuItem>
        ))}
      </TextField>
    </Row>
  );
}
