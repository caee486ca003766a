// The rows of a spreadsheet as they were read, those with something wrong first.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableContainer from "@mui/material/TableContainer";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { useState } from "react";
import type { ImportCheck } from "../../api/types";
import { t } from "../../locales/books";

const WORDS = { taken: t("importRows.readyImport"), bad: "wrong", repeat: t("importRows.alreadyHere") };
const RANK = { bad: 0, repeat: 1, taken: 2 };
const STEP = 100;

export function ImportRows({ check }: { check: ImportCheck }) {
  const [most, setMost] = useState(STEP);
  const rows = [...check.rows].sort((a, b) => RANK[a.state] - RANK[b.state] || a.row - b.row);
  return (
    <TableContainer sx={{ bgcolor: "background.paper" }}>
      <Table size="small" aria-label={t("importRows.rowsFile")}>
        <TableHead>
          <TableRow>
            {[
              t("importRows.row"),
              t("importRows.flip"),
              t("importRows.bought"),
              t("importRows.paid"),
              t("importRows.sold"),
              t("importRows.for"),
              t("importRows.hours"),
              t("importRows.result"),
            ].map((head) => (
              <TableCell key={head}>{head}</TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.slice(0, most).map((row) => (
            <TableRow key={row.row}>
              <TableCell>{row.row}</TableCell>
              <TableCell component="th" scope="row">
                {row.name || t("importRows.name")}
              </TableCell>
              {[row.bought_on, row.purchase, row.sold_on, row.sale_price, row.hours].map((value, place) => (
                <TableCell key={place} sx={{ whiteSpace: "nowrap" }}>
                  {value?.text ?? "–"}
                </TableCell>
              ))}
              <TableCell sx={{ color: row.state === "bad" ? "error.main" : "text.primary" }}>
                {WORDS[row.state]}
                {[...row.problems, ...row.remarks].map((text) => (
                  <Box key={text}>{text}</Box>
                ))}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {rows.length > most && (
        <Button onClick={() => setMost(most + STEP)}>
          {t("importRows.showMoreRows", { count: Math.min(STEP, rows.length - most) })}
        </Button>
      )}
    </TableContainer>
  );
}
