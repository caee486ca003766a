// Profit, hourly pay or turnaround by the month in which flips ended, with the table of all.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableContainer from "@mui/material/TableContainer";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { BarChart } from "@mui/x-charts/BarChart";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { Link } from "react-router";
import type { Books } from "../../api/types";
import { Part } from "../../kit/Part";
import { Quiet } from "../../kit/layout";
import { t } from "../../locales/books";

type Month = Books["months"][number];
const SHOWN: Record<string, { label: string; value: (month: Month) => number | null; text: (month: Month) => string }> =
  {
    profit: {
      label: t("monthsChart.profit"),
      value: (month) => month.major_profit,
      text: (month) => month.profit?.text ?? t("monthsChart.finishedFlips"),
    },
    pay: {
      label: t("monthsChart.hourlyPay"),
      value: (month) => month.major_hourly,
      text: (month) => month.hourly_pay?.text ?? t("monthsChart.hoursRecorded"),
    },
    days: {
      label: t("monthsChart.daysSell"),
      value: (month) => month.days,
      text: (month) =>
        month.days === null
          ? t("monthsChart.nothingSold")
          : t("monthsChart.daysMedian", { days: month.days, daysn: month.days_n }),
    },
  };

export function MonthsChart({ months, currency }: { months: Books["months"]; currency: string }) {
  const [table, setTable] = useState(false);
  const [what, setWhat] = useState("profit");
  const measure = SHOWN[what] ?? (SHOWN.profit as (typeof SHOWN)[string]);
  const unit =
    what === "days" ? t("monthsChart.medianDays") : what === "pay" ? t("monthsChart.hour", { currency }) : currency;
  const shown = months.filter((month) => month.month !== null).slice(-24);
  const left = months.length - shown.length;
  return (
    <Part
      title={t("monthsChart.month", { measure: measure.label, unit })}
      action={
        <>
          <TextField
            select
            label={t("monthsChart.show")}
            value={what}
            onChange={(event) => setWhat(event.target.value)}
            sx={{ width: 140 }}
          >
            {Object.entries(SHOWN).map(([key, { label }]) => (
              <MenuItem key={key} value={key}>
                {label}
              </MenuItem>
            ))}
          </TextField>
          <Button onClick={() => setTable(!table)}>
            {table ? t("monthsChart.showBars") : t("monthsChart.showTable")}
          </Button>
        </>
      }
    >
      {table ? (
        <MonthsTable months={months} currency={currency} />
      ) : (
        <>
          <Box
            role="img"
            aria-label={t("monthsChart.month2", {
              measure: measure.label,
              shown: shown.map((month) => `${month.label} ${measure.text(month)}`).join(", "),
            })}
          >
            <BarChart
              height={240}
              hideLegend
              skipAnimation
              margin={{ left: 0, right: 8, top: 12, bottom: 0 }}
              xAxis={[{ data: shown.map((month) => month.label), tickLabelStyle: { fontSize: 12 } }]}
              yAxis={[
                {
                  width: 62,
                  label: unit,
                  colorMap: {
                    type: "piecewise",
                    thresholds: [0],
                    colors: ["var(--k-palette-error-main)", "var(--k-palette-primary-main)"],
                  },
                },
              ]}
              series={[
                {
                  data: shown.map(measure.value),
                  label: measure.label,
                  valueFormatter: (_, { dataIndex }) => (shown[dataIndex] ? measure.text(shown[dataIndex]) : ""),
                },
              ]}
              grid={{ horizontal: true }}
            />
          </Box>
          {left > 0 && <Quiet>{t("monthsChart.latest24MonthsTable")}</Quiet>}
        </>
      )}
    </Part>
  );
}

function MonthsTable({ months, currency }: { months: Books["months"]; currency: string }) {
  const heads = [
    t("monthsChart.month3"),
    t("monthsChart.finished"),
    t("monthsChart.received", { currency }),
    t("monthsChart.profit2", { currency }),
    t("monthsChart.hours"),
    t("monthsChart.hour", { currency }),
    t("monthsChart.daysSellMedian"),
  ];
  return (
    <TableContainer>
      <Table size="small" aria-label={t("monthsChart.profitMonth")}>
        <TableHead>
          <TableRow>
            {heads.map((head, place) => (
              <TableCell key={head} align={place ? "right" : "left"}>
                {head}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {months.map((month) => (
            <TableRow key={month.label}>
              <TableCell component="th" scope="row">
                <Link to={`/books/pays?by=month&trait=${month.month ?? ""}`}>{month.label}</Link>
              </TableCell>
              <TableCell align="right">{month.ended}</TableCell>
              {[month.receipts?.bare, month.profit?.bare, month.hours?.text, month.hourly_pay?.bare].map(
                (value, place) => (
                  <TableCell key={place} align="right">
                    {value ?? "–"}
                  </TableCell>
                ),
              )}
              <TableCell align="right">
                {month.days === null ? "–" : t("monthsChart.of", { days: month.days, daysn: month.days_n })}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </TableContainer>
  );
}
