// Groups of flips as a table with a bar of hourly pay; a group unfolds to the flips behind it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableContainer from "@mui/material/TableContainer";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import type { Comparison } from "../../api/types";

type Group = Comparison["rows"][number];
type Props = { comparison: Comparison; currency: string; chosen: string | null; onChoose: (key: string) => void };

const days = ({ days: { n, median, lower, upper } }: Group) =>
  median === null ? "–" : n === 1 ? median : `${median} (${lower}–${upper})`;

export function GroupsTable({ comparison, currency, chosen, onChoose }: Props) {
  const { rows, several, more } = comparison;
  const most = Math.max(...rows.map((row) => Math.abs(row.major_hourly ?? 0)), 1);
  if (rows.length === 0) return <Typography sx={{ color: "text.secondary" }}>No flip has ended yet.</Typography>;
  const heads = [
    "",
    "Ended",
    `Profit, ${currency}`,
    "Median a flip",
    "Hours",
    `${currency} an hour`,
    "The rest",
    "Days, median (middle half)",
  ];
  return (
    <>
      <TableContainer>
        <Table size="small" aria-label="Compared">
          <TableHead>
            <TableRow>
              {heads.map((head, place) => (
                <TableCell key={head} align={place ? "right" : "left"}>
                  {head || "Group"}
                </TableCell>
              ))}
              <TableCell>What it says</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map((row) => (
              <TableRow key={row.key} hover selected={row.key === chosen}>
                <TableCell component="th" scope="row" sx={{ minWidth: 130 }}>
                  <Button
                    size="small"
                    color="inherit"
                    aria-expanded={row.key === chosen}
                    onClick={() => onChoose(row.key)}
                    sx={{ justifyContent: "flex-start", textAlign: "left", px: 0.5 }}
                  >
                    {row.label}
                  </Button>
                </TableCell>
                <TableCell align="right">{row.ended}</TableCell>
                <TableCell
                  align="right"
                  sx={{ color: (row.profit?.minor ?? 0) < 0 ? "error.main" : undefined, whiteSpace: "nowrap" }}
                >
                  {row.profit?.text ?? "–"}
                </TableCell>
                <TableCell align="right">{row.profits.median ?? "–"}</TableCell>
                <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                  {row.hours?.text ?? "–"}
                </TableCell>
                <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                  {row.hourly ? `${row.hourly.text} (n ${row.n})` : "–"}
                  <Box
                    aria-hidden
                    sx={{
                      height: 5,
                      ml: "auto",
                      mt: 0.25,
                      width: `${(Math.abs(row.major_hourly ?? 0) / most) * 100}%`,
                      bgcolor: (row.major_hourly ?? 0) < 0 ? "error.main" : "primary.main",
                      opacity: row.few ? 0.35 : 1,
                    }}
                  />
                </TableCell>
                <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                  {row.rest_hourly ? `${row.rest_hourly.text} (n ${row.rest_n})` : "–"}
                </TableCell>
                <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                  {days(row)}
                </TableCell>
                <TableCell sx={{ minWidth: 170, color: row.few ? "text.secondary" : "text.primary" }}>
                  {row.edge ?? row.few ?? "undefined"}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
      <Typography variant="caption" component="p" sx={{ mt: 1, color: "text.secondary" }}>
        {several && "A flip can be in several groups; each group and its rest add up to all flips. "}
        {more > 0 && `${more} smaller groups are not shown. `}n counts flips with both profit and hours; – is not known
        or undefined. Choose a group to see the flips behind it.
      </Typography>
    </>
  );
}
