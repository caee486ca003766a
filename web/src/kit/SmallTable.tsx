// A table of a few columns: names first, figures to the right; it scrolls sideways where a phone is too narrow for it.
import Box from "@mui/material/Box";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableFooter from "@mui/material/TableFooter";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import type { ReactNode } from "react";

type Row = { key: string | number; cells: ReactNode[]; strong?: boolean };
// columns: a name, or one in brackets for a column of figures.
type Props = { label: string; columns: (string | [string])[]; rows: Row[]; foot?: ReactNode[]; width?: number };

// On a phone: close together, and heads of two lines.
const narrow = { "& th, & td": { px: { xs: 0.75, sm: 2 } }, "& th": { whiteSpace: { xs: "normal", sm: "nowrap" } } };

export function SmallTable({ label, columns, rows, foot, width }: Props) {
  const side = (place: number) => (Array.isArray(columns[place]) ? "right" : "left");
  // A column that has no name, such as that of buttons, has no head to be read out.
  const cells = (row: ReactNode[]) =>
    row.map((cell, place) => (
      <TableCell
        key={place}
        {...(cell === "" ? { component: "td" as const } : {})}
        align={side(place)}
        sx={side(place) === "right" ? { whiteSpace: "nowrap" } : undefined}
      >
        {cell}
      </TableCell>
    ));
  return (
    <Box sx={{ overflowX: "auto", mb: 2 }}>
      <Table size="small" aria-label={label} sx={{ maxWidth: width, ...narrow }}>
        <TableHead>
          <TableRow>{cells(columns.flat())}</TableRow>
        </TableHead>
        <TableBody>
          {rows.map((row) => (
            <TableRow key={row.key} sx={row.strong ? { "& td": { fontWeight: 600 } } : undefined}>
              {cells(row.cells)}
            </TableRow>
          ))}
        </TableBody>
        {foot && (
          <TableFooter sx={{ "& td": { fontSize: "inherit", color: "text.primary", fontWeight: 600 } }}>
            <TableRow>{cells(foot)}</TableRow>
          </TableFooter>
        )}
      </Table>
    </Box>
  );
}
