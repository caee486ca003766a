// How good the estimates were, and what was missed.
import Box from "@mui/material/Box";
import LinearProgress from "@mui/material/LinearProgress";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { Link } from "react-router";
import { useScoutRecord, useWorkshop } from "../../api/queries";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SCOUT_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";

const NAMES: Record<string, string> = {
  resale: "Receipts against expected resale",
  hours: "Hours against expected hours",
  materials: "Materials against expected materials",
  paid: "Price paid against the most to pay",
};

export default function TrackRecord() {
  const record = useScoutRecord();
  const workshop = useWorkshop();
  if (record.error) return <Failure error={record.error} again={() => void record.refetch()} />;
  if (!record.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { rows, flips, missed, missed_total: missedTotal } = record.data;
  return (
    <>
      <PageHead title="How well I guess" line="Spotted pieces that were bought and sold, and those that got away." />
      <SubNav name="Scout" pages={SCOUT_PAGES} />
      {flips.length === 0 && missed.length === 0 && (
        <Empty title="Nothing to compare yet">
          <span>Once a piece that you spotted here has been bought and sold, what you expected stands beside what came.</span>
        </Empty>
      )}
      {flips.length > 0 && (
        <Part title="Estimates against what came">
          <Box component="dl" sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "300px 1fr" }, rowGap: 0.75, columnGap: 2, m: 0, mb: 2 }}>
            {rows.map((row) => (
              <Box key={row.key} sx={{ display: "contents" }}>
                <dt>{NAMES[row.key]}</dt>
                <Box component="dd" sx={{ m: 0 }}>
                  <b>{row.text}</b>
                  <Box component="span" sx={{ color: "text.secondary" }}>
                    {" "}
                    (median, n {row.n}
                    {row.spread && `, middle half ${row.spread}`})
                  </Box>
                </Box>
              </Box>
            ))}
          </Box>
          <Box sx={{ overflowX: "auto" }}>
            <Table size="small" aria-label="Expected and actual">
              <TableHead>
                <TableRow>
                  <TableCell>Piece</TableCell>
                  <TableCell align="right">Resale: expected → came</TableCell>
                  <TableCell align="right">Hours</TableCell>
                  <TableCell align="right">Materials</TableCell>
                  <TableCell align="right">Most → paid</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {flips.map((flip) => (
                  <TableRow key={flip.id}>
                    <TableCell>
                      <Link to={`/pieces/${flip.piece_id}`}>{flip.title}</Link>
                    </TableCell>
                    <TableCell align="right">{`${flip.expected_resale?.text ?? "?"} → ${flip.resale?.text ?? "?"}`}</TableCell>
                    <TableCell align="right">{`${flip.expected_hours?.text ?? "?"} → ${flip.hours?.text ?? "?"}`}</TableCell>
                    <TableCell align="right">{`${flip.expected_materials?.text ?? "?"} → ${flip.materials?.text ?? "?"}`}</TableCell>
                    <TableCell align="right">{`${flip.most?.text ?? "?"} → ${flip.paid?.text ?? "?"}`}</TableCell>
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </Box>
        </Part>
      )}
      {missed.length > 0 && (
        <Part title={`What got away (${missedTotal})`}>
          <Box sx={{ overflowX: "auto" }}>
            <Table size="small" aria-label="Let go and gone">
              <TableHead>
                <TableRow>
                  <TableCell>Piece</TableCell>
                  <TableCell>What became of it</TableCell>
                  <TableCell align="right">Last tag, {workshop.data.currency}</TableCell>
                  <TableCell align="right">Most to pay then</TableCell>
                  <TableCell align="right">Left above target pay</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {missed.map((one) => (
                  <TableRow key={one.id}>
                    <TableCell>
                      <Link to={`/scout/${one.id}`}>{one.title}</Link>
                    </TableCell>
                    <TableCell>{[one.state_text, one.closed_on?.text, one.reason].filter(Boolean).join(", ")}</TableCell>
                    <TableCell align="right">{one.tag?.text ?? "none"}</TableCell>
                    <TableCell align="right">{one.most?.text ?? "undefined"}</TableCell>
                    <TableCell align="right">{one.forgone?.text ?? "nothing"}</TableCell>
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </Box>
        </Part>
      )}
    </>
  );
}
