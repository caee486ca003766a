// Profit by the month in which flips ended, with its table.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableContainer from "@mui/material/TableContainer";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { BarChart } from "@mui/x-charts/BarChart";
import { useState } from "react";
import type { Books } from "../../api/types";
import { Part } from "../../kit/Part";

export function MonthsChart({ months, currency }: { months: Books["months"]; currency: string }) {
  const [table, setTable] = useState(false);
  const shown = months.filter((month) => month.month !== null).slice(-24);
  const left = months.length - shown.length;
  return (
    <Part
      title={`Profit by month, ${currency}`}
      action={<Button onClick={() => setTable(!table)}>{table ? "Show the bars" : "Show as a table"}</Button>}
    >
      {table ? (
        <MonthsTable months={months} currency={currency} />
      ) : (
        <>
          <Box role="img" aria-label={`Profit by month: ${shown.map((month) => `${month.label} ${month.profit?.text ?? "none"}`).join(", ")}`}>
            <BarChart
              height={240}
              hideLegend
              skipAnimation
              margin={{ left: 0, right: 8, top: 12, bottom: 0 }}
              xAxis={[{ data: shown.map((month) => month.label), tickLabelStyle: { fontSize: 12 } }]}
              yAxis={[
                {
                  width: 48,
                  colorMap: {
                    type: "piecewise",
                    thresholds: [0],
                    colors: ["var(--k-palette-error-main)", "var(--k-palette-primary-main)"],
                  },
                },
              ]}
              series={[
                {
                  data: shown.map((month) => month.major_profit),
                  label: "Cash profit",
                  valueFormatter: (_, { dataIndex }) => shown[dataIndex]?.profit?.text ?? "no flip ended",
                },
              ]}
              grid={{ horizontal: true }}
            />
          </Box>
          {left > 0 && <Box sx={{ color: "text.secondary" }}>The latest 24 months; the table has all, and flips whose date is not known.</Box>}
        </>
      )}
    </Part>
  );
}

function MonthsTable({ months, currency }: { months: Books["months"]; currency: string }) {
  const heads = ["Month", "Ended", `Receipts, ${currency}`, `Profit, ${currency}`, "Hours", `${currency} an hour`];
  return (
    <TableContainer>
      <Table size="small" aria-label="Profit by month">
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
                {month.label}
              </TableCell>
              <TableCell align="right">{month.ended}</TableCell>
              {[month.receipts, month.profit, month.hours, month.hourly_pay].map((value, place) => (
                <TableCell key={place} align="right">
                  {value?.text ?? "–"}
                </TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </TableContainer>
  );
}
