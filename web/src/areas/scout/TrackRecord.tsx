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
import { t } from "../../locales/scout";

const NAMES: Record<string, string> = {
  resale: t("trackRecord.salePriceComparedEstimate"),
  hours: t("trackRecord.hoursComparedEstimate"),
  materials: t("trackRecord.materialsComparedEstimate"),
  paid: t("trackRecord.pricePaidComparedLimit"),
};

type Said = { text: string } | null;
const became = (expected: Said, came: Said) => `${expected?.text ?? "?"} → ${came?.text ?? "?"}`;

export default function TrackRecord() {
  const record = useScoutRecord();
  const workshop = useWorkshop();
  if (record.error && !isKept(record)) return <Failure error={record.error} again={() => void record.refetch()} />;
  if (!record.data || !workshop.data) return <LinearProgress aria-label={t("trackRecord.loading")} />;
  const { rows, flips, missed, missed_total: missedTotal } = record.data;
  return (
    <>
      <PageHead title={t("trackRecord.trackRecord")} line={t("trackRecord.howCloseEstimatesPieces")} />
      <SubNav name={t("trackRecord.scout")} pages={SCOUT_PAGES} />
      {flips.length === 0 && missed.length === 0 && (
        <Empty title={t("trackRecord.nothingCompareYet")}>
          <span>{t("trackRecord.onceYouveSoldPiece")}</span>
        </Empty>
      )}
      {flips.length > 0 && (
        <Part title={t("trackRecord.estimatesResults")}>
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
                    {t("trackRecord.median", {
                      count: row.n,
                      spread: (row.spread && t("trackRecord.middleHalf", { spread: row.spread })) || "",
                    })}
                  </Quiet>
                </Box>
              </Box>
            ))}
          </Box>
          <SmallTable
            label={t("trackRecord.estimatedActual")}
            columns={[
              t("trackRecord.piece"),
              [t("trackRecord.priceEstimatedActual")],
              [t("trackRecord.hours")],
              [t("trackRecord.materials")],
              [t("trackRecord.limitPaid")],
            ]}
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
        <Part title={t("trackRecord.onesGotAway", { missedTotal })}>
          <SmallTable
            label={t("trackRecord.passedGone")}
            columns={[
              t("trackRecord.piece"),
              t("trackRecord.outcome"),
              [t("trackRecord.lastTag", { currency: workshop.data.symbol })],
              [t("trackRecord.limitThen")],
              [t("trackRecord.wouldHaveEarnedAbove")],
            ]}
            rows={missed.map((one) => ({
              key: one.id,
              cells: [
                <Link key="piece" to={`/scout/${one.id}`}>
                  {one.title}
                </Link>,
                [one.state_text, one.closed_on?.text, one.reason].filter(Boolean).join(", "),
                one.tag?.bare ?? "none",
                one.most?.text ?? t("trackRecord.unknown"),
                one.forgone?.text ?? "nothing",
              ],
            }))}
          />
        </Part>
      )}
    </>
  );
}
