// The table of all flips, sorted and paged by the server.
import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Pagination from "@mui/material/Pagination";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableContainer from "@mui/material/TableContainer";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import TableSortLabel from "@mui/material/TableSortLabel";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { Link as RouterLink } from "react-router";
import { type ListQuery, type Trait, usePieces } from "../../api/queries";
import type { PieceRow } from "../../api/types";
import { Part } from "../../kit/Part";
import { useSettled } from "../../kit/useSettled";
import { Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/books";

type Sort = NonNullable<ListQuery["sort"]>;
type Column = {
  sort: Sort;
  name: string;
  right?: boolean;
  value: (row: PieceRow) => string | number | null | undefined;
};

const columns = (currency: string): Column[] => [
  { sort: "kind", name: t("flipsTable.kind"), value: (row) => row.kind },
  { sort: "source", name: t("flipsTable.bought"), value: (row) => row.source },
  { sort: "stage", name: t("flipsTable.stage"), value: (row) => row.stage },
  { sort: "ended_on", name: t("flipsTable.finished"), value: (row) => row.ended_on?.text },
  { sort: "cash_in", name: t("flipsTable.spentSoFar", { currency }), right: true, value: (row) => row.cash_in?.bare },
  { sort: "receipts", name: t("flipsTable.received"), right: true, value: (row) => row.receipts?.bare },
  { sort: "cash_profit", name: t("flipsTable.profit"), right: true, value: (row) => row.cash_profit?.bare },
  { sort: "hours", name: t("flipsTable.hours"), right: true, value: (row) => row.hours?.text },
  { sort: "hourly_pay", name: t("flipsTable.perHour"), right: true, value: (row) => row.hourly_pay?.bare },
  { sort: "turnaround", name: t("flipsTable.days"), right: true, value: (row) => row.turnaround_days },
];

// first: what it is sorted by; behind: only the flips of a group that is compared.
type Props = { year: string; currency: string; title?: string; first?: Sort; behind?: { by: Trait; trait: string } };

export function FlipsTable({ year, currency, title = t("flipsTable.allFlips"), first = "ended_on", behind }: Props) {
  const [sort, setSort] = useState<Sort>(first);
  const [descending, setDescending] = useState(true);
  const [page, setPage] = useState(1);
  const [text, setText] = useState("");
  const dated = year ? { year } : {};
  const pieces = usePieces({
    view: year || behind ? "archive" : "all",
    sort,
    descending,
    page,
    query: useSettled(text, 200),
    ...dated,
    ...behind,
  });
  const order = (column: Sort) => {
    setDescending(column === sort ? !descending : true);
    setSort(column);
    setPage(1);
  };
  const all: Column[] = [{ sort: "name", name: t("flipsTable.flip"), value: (row) => row.name }, ...columns(currency)];
  const data = pieces.data;
  return (
    <Part
      title={title}
      action={
        <TextField
          label={t("flipsTable.search")}
          value={text}
          onChange={(event) => (setText(event.target.value), setPage(1))}
          sx={{ width: 200 }}
        />
      }
    >
      <TableContainer sx={{ bgcolor: "background.paper" }}>
        <Table size="small" aria-label={title}>
          <TableHead>
            <TableRow>
              {all.map((column) => (
                <TableCell
                  key={column.sort}
                  align={column.right ? "right" : "left"}
                  sortDirection={column.sort === sort ? (descending ? "desc" : "asc") : false}
                >
                  <TableSortLabel
                    active={column.sort === sort}
                    direction={descending ? "desc" : "asc"}
                    onClick={() => order(column.sort)}
                  >
                    {column.name}
                  </TableSortLabel>
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {data?.rows.map((row) => (
              <TableRow key={row.id} hover>
                <TableCell component="th" scope="row" sx={{ minWidth: 170 }}>
                  <Link component={RouterLink} to={`/pieces/${row.id}`} sx={{ fontWeight: 600 }}>
                    {row.name}
                  </Link>
                </TableCell>
                {columns(currency).map((column) => (
                  <TableCell
                    key={column.sort}
                    align={column.right ? "right" : "left"}
                    sx={{
                      whiteSpace: column.right || column.sort === "ended_on" ? "nowrap" : undefined,
                      color:
                        column.sort === "cash_profit" && (row.cash_profit?.minor ?? 0) < 0 ? "error.main" : undefined,
                    }}
                  >
                    {column.value(row) ?? "–"}
                  </TableCell>
                ))}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
      {data?.rows.length === 0 && <Box sx={{ py: 2, color: "text.secondary" }}>{t("flipsTable.flipHasAllThese")}</Box>}
      {data && data.total > data.per && (
        <Row className="no-print" gap={2} sx={{ mt: 1.5 }}>
          <Pagination count={Math.ceil(data.total / data.per)} page={page} onChange={(_, next) => setPage(next)} />
          <Quiet>{t("flipsTable.flipsMeansUnknown", { count: data.total })}</Quiet>
        </Row>
      )}
    </Part>
  );
}
