// What was checked before committing: fit, height, core, pulls, room.
import Box from "@mui/material/Box";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import type { Prospect } from "../../api/types";
import { FitTable } from "../../kit/FitTable";
import { Part } from "../../kit/Part";

function Noted({ noted }: { noted: { text: string; wrong: boolean } | null }) {
  return noted && <Box sx={{ color: noted.wrong ? "error.main" : "text.primary" }}>{noted.text}</Box>;
}

export function BeforePart({ prospect, currency }: { prospect: Prospect; currency: string }) {
  const { before } = prospect;
  const missing = prospect.fields.checks?.missing_of_pair;
  return (
    <Part title="Before you commit">
      <Box sx={{ display: "grid", gap: 1, mb: 2 }}>
        <Box>{before.room}</Box>
        <Noted noted={before.height} />
        <Noted noted={before.core} />
        {missing && <Box sx={{ color: "error.main" }}>One of the pair lacks: {missing}. Make it to match before you paint, or sell them singly.</Box>}
        {before.hardware?.complete && <Box>All pulls are there.</Box>}
      </Box>
      {before.hardware && !before.hardware.complete && (
        <Box sx={{ overflowX: "auto", mb: 2 }}>
          <Table size="small" aria-label="Pulls, three ways" sx={{ maxWidth: 860 }}>
            <TableHead>
              <TableRow>
                <TableCell>Pulls</TableCell>
                <TableCell align="right">Cost, {currency}</TableCell>
                <TableCell align="right">Work</TableCell>
                <TableCell align="right">With target pay</TableCell>
                <TableCell>Mind</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {before.hardware.ways.map((way) => (
                <TableRow key={way.key} sx={{ "& td": { fontWeight: way.best ? 600 : 400 } }}>
                  <TableCell>
                    {way.label}
                    {way.best && " (cheapest)"}
                  </TableCell>
                  <TableCell align="right">{way.money?.text ?? way.why}</TableCell>
                  <TableCell align="right">{way.effort?.text}</TableCell>
                  <TableCell align="right">{way.total?.text ?? "undefined"}</TableCell>
                  <TableCell>{way.note}</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </Box>
      )}
      <FitTable fit={before.fit} />
    </Part>
  );
}
