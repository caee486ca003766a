// How good the estimates were, and what was missed.
import Box from "@mui/material/Box";
import LinearProgress from "@mui/material/LinearProgress";
import { Link } from "react-router";
import { useScoutRecord, useWorkshop } from "../../api/queries";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import { SCOUT_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { Quiet } from "../../kit/layout";

const NAMES: Record<string, string> = {
  resale: "Receipts against expected resale",
  hours: "Hours against expected hours",
  materials: "Materials against expected materials",
  paid: "Price paid against the most to pay",
};

type Said = { text: string } | null;
const became = (expected: Said, came: Said) => `${expected?.text ?? "?"} → ${came?.text ?? "?"}`;

export default function TrackRecord() {
  const record = useScoutRecord();
  const workshop = useWorkshop();
  if (record.error && !isKept(record)) return <Failure error={record.error} again={() => void record.refetch()} />;
  if (!record.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { rows, flips, missed, missed_total: missedTotal } = record.data;
  return (
    <>
      <PageHead title="How estimates did" line="Spotted pieces that were bought and sold, and those that got away." />
      <SubNav name="Scout" pages={SCOUT_PAGES} />
      {flips.length === 0 && missed.length === 0 && (
        <Empty title="Nothing to compare yet">
          <span>
            Once a piece that you spotted here has been bought and sold, what you expected stands beside what came.
          </span>
        </Empty>
      )}
      {flips.length > 0 && (
        <Part title="Estimates against what came">
          <Box
            component="dl"
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "1fr", sm: "300px 1fr" },
              rowGap: 0.75,
              columnGap: 2,
              m: 0,
              mb: 2,
            }}
          >
            {rows.map((row) => (
              <Box key={row.key} sx={{ display: "contents" }}>
                <dt>{NAMES[row.key]}</dt>
                <Box component="dd" sx={{ m: 0 }}>
                  <b>{row.text}</b>
                  <Quiet component="span">
                    {" "}
                    (median, n {row.n}
                    {row.spread && `, half of them ${row.spread}`})
                  </Quiet>
                </Box>
              </Box>
            ))}
          </Box>
          <SmallTable
            label="Expected and actual"
            columns={["Piece", ["Resale: expected → came"], ["Hours"], ["Materials"], ["Most → paid"]]}
            rows={flips.map((flip) => ({
              key: flip.id,
              cells: [
                <Link key="piece" to={`/pieces/${flip.piece_id}`}>
                  {flip.title}
                </Link>,
                became(flip.expected_resale, flip.resale),
                became(flip.expected_hours, flip.hours),
                became(flip.expected_materials, flip.materials),
                became(flip.most, flip.paid),
              ],
            }))}
          />
        </Part>
      )}
      {missed.length > 0 && (
        <Part title={`What got away (${missedTotal})`}>
          <SmallTable
            label="Let go and gone"
            columns={[
              "Piece",
              "Outcome",
              [`Last tag, ${workshop.data.currency}`],
              ["Most to pay then"],
              ["Left above target pay"],
            ]}
            rows={missed.map((one) => ({
              key: one.id,
              cells: [
                <Link key="piece" to={`/scout/${one.id}`}>
                  {one.title}
                </Link>,
                [one.state_text, one.closed_on?.text, one.reason].filter(Boolean).join(", "),
                one.tag?.text ?? "none",
                one.most?.text ?? "not known",
                one.forgone?.text ?? "nothing",
              ],
            }))}
          />
        </Part>
      )}
    </>
  );
}
