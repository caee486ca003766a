// The columns of somebody's spreadsheet, each with what it is taken as; a guess is said to be one.
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { ImportCheck } from "../../api/types";
import { SmallTable } from "../../kit/SmallTable";
import { t } from "../../locales/books";

const LABELS: Record<string, string> = {
  bought_on: t("importColumns.dateBought"),
  purchase: t("importColumns.pricePaid"),
  other_costs: t("importColumns.otherCosts"),
  started_on: t("importColumns.dateStarted"),
  ready_on: t("importColumns.dateReady"),
  listed_on: t("importColumns.dateListed"),
  asking_price: t("importColumns.askingPrice"),
  sold_on: t("importColumns.dateSold"),
  sale_price: t("importColumns.salePrice"),
  outcome_on: t("importColumns.dateEnded"),
};

type Props = { check: ImportCheck; onMatch: (head: string, to: string) => void };

export function ImportColumns({ check, onMatch }: Props) {
  const open = check.columns.some((column) => column.guessed || column.to === null) || check.problems.length > 0;
  const unnamed = check.columns.filter((column) => column.head !== "");
  return (
    <Box component="details" open={open} sx={{ mb: 2 }}>
      <summary>
        {t("importColumns.columnsImported", {
          count: unnamed.filter((column) => column.to).length,
          count2: unnamed.length,
        })}
      </summary>
      <SmallTable
        label={t("importColumns.columnsFile")}
        columns={[t("importColumns.file"), t("importColumns.example"), t("importColumns.import"), ""]}
        rows={unnamed.map((column) => ({
          key: column.head,
          cells: [
            column.head,
            column.samples.join(", ").slice(0, 60) || "empty",
            <TextField
              key="to"
              select
              size="small"
              value={column.to ?? "?"}
              onChange={(event) => onMatch(column.head, event.target.value)}
              sx={{ minWidth: 170 }}
              slotProps={{ htmlInput: { "aria-label": t("importColumns.imported", { head: column.head }) } }}
            >
              <MenuItem value="?" disabled>
                {t("importColumns.choose")}
              </MenuItem>
              <MenuItem value="">{t("importColumns.dontImport")}</MenuItem>
              {check.known.map((name) => (
                <MenuItem key={name} value={name}>
                  {LABELS[name] ?? name}
                </MenuItem>
              ))}
            </TextField>,
            column.guessed ? t("importColumns.guessRight") : column.to === null ? t("importColumns.unknown") : "",
          ],
        }))}
        width={760}
      />
    </Box>
  );
}
