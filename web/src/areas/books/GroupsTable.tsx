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
import { PayBar, scaleOf } from "./PayBar";
import { t } from "../../locales/books";

type Group = Comparison["rows"][number];
type Props = { comparison: Comparison; currency: string; chosen: string | null; onChoose: (key: string) => void };

const days = ({ days: { n, median, lower, upper } }: Group) =>
  median === null ? "–" : n === 1 ? median : `${median} (${lower}–${upper})`;

export function GroupsTable({ comparison, currency, chosen, onChoose }: Props) {
  const { rows, several, more } = comparison;
  const scale = scaleOf(rows.map((row) => row.estimate?.chart ?? []));
  if (rows.length === 0)
    return <Typography sx={{ color: "text.secondary" }}>{t("groupsTable.finishedFlipsYet")}</Typography>;
  const heads = [
    "",
    t("groupsTable.finished"),
    t("groupsTable.profit", { currency }),
    t("groupsTable.medianPerFlip"),
    t("groupsTable.hours"),
    t("groupsTable.hour", { currency }),
    t("groupsTable.likelyRange"),
    t("groupsTable.daysMedianMiddleHalf"),
  ];
  return (
    <>
      <TableContainer>
        <Table size="small" aria-label={t("groupsTable.compared")}>
          <TableHead>
            <TableRow>
              {heads.map((head, place) => (
                <TableCell key={head} align={place ? "right" : "left"}>
                  {head || t("groupsTable.group")}
                </TableCell>
              ))}
              <TableCell>{t("groupsTable.whatMeans")}</TableCell>
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
                  {row.profit?.bare ?? "–"}
                </TableCell>
                <TableCell align="right">{row.profits.median ?? "–"}</TableCell>
                <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                  {row.hours?.text ?? "–"}
                </TableCell>
                <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                  {row.hourly ? t("groupsTable.hours2", { hourly: row.hourly.bare, count: row.n }) : "–"}
                </TableCell>
                <TableCell align="right" sx={{ whiteSpace: "nowrap", minWidth: 150 }}>
                  {row.estimate ? row.estimate.middle?.text : "–"}
                  {row.estimate && <PayBar chart={row.estimate.chart} scale={scale} />}
                </TableCell>
                <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                  {days(row)}
                </TableCell>
                <TableCell
                  sx={{
                    minWidth: 190,
                    color: row.estimate?.claim ? "text.primary" : "text.secondary",
                    fontWeight: row.estimate?.claim ? 600 : undefined,
                  }}
                >
                  {row.estimate?.words ?? row.few}
                  {row.a_piece && <Box sx={{ fontWeight: 400 }}>{row.a_piece}</Box>}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
      <Typography variant="caption" component="p" sx={{ mt: 1, color: "text.secondary" }}>
        {t("groupsTable.meansUnknownFewerFlips", {
          several: (several && t("groupsTable.flipCanSeveralGroups")) || "",
          more: (more > 0 && t("groupsTable.smallerGroupsArentShown", { more })) || "",
        })}
      </Typography>
    </>
  );
}
