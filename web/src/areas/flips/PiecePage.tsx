// A piece: its face and days on one side, what comes next and what it fetches on the other, its records below in folds.
import Box from "@mui/material/Box";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useParams, Link } from "react-router";
import { usePiece, useWorkshop, usePlan } from "../../api/queries";
import type { Piece, Workshop } from "../../api/types";
import { DaysStrip, daysScale } from "../../kit/DaysStrip";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { Figures } from "../../kit/Figures";
import { Fold } from "../../kit/Fold";
import { PhotosPart } from "../../kit/photos/PhotosPart";
import { piecePages } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { CostsPart } from "./CostsPart";
import { DatesFold } from "./DatesFold";
import { DiaryPart } from "./DiaryPart";
import { EditPiece } from "./EditPiece";
import { EventButtons } from "./EventButtons";
import { FacePart } from "./FacePart";
import { HoursGauge } from "./HoursGauge";
import { KeyFigures } from "./KeyFigures";
import { MixesPart } from "./MixesPart";
import { MoneyPart } from "./MoneyPart";
import { OriginLine, Said } from "./OriginLine";
import { PieceHead } from "./PieceHead";
import { PricePart } from "./PricePart";
import { StashPart } from "./StashPart";
import { ToolsPart } from "./ToolsPart";
import { VerdictLine } from "./VerdictLine";
import { NoPlan, WhatNext } from "./WhatNext";
import { Cautions } from "../../kit/Cautions";
import { FitTable } from "../../kit/FitTable";
import { WorkList } from "../../kit/WorkList";
import { Quiet } from "../../kit/layout";
import { t } from "../../locales/flips";

export default function PiecePage() {
  const id = Number(useParams().id);
  const piece = usePiece(id);
  const workshop = useWorkshop();
  const [editing, setEditing] = useState(false);
  if (piece.error && !isKept(piece)) return <Failure error={piece.error} again={() => void piece.refetch()} />;
  if (!piece.data || !workshop.data) return <LinearProgress aria-label={t("piecePage.loading")} />;
  const shared = { piece: piece.data, workshop: workshop.data };
  return (
    <>
      <PieceHead {...shared} onEdit={() => setEditing(true)} />
      <SubNav name={piece.data.fields.name ?? ""} pages={piecePages(id)} />
      <OriginLine piece={piece.data} />
      <KeyFigures {...shared} />
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 440px) minmax(0, 1fr)" },
          // On a phone: the face, what comes next, its days, its records. Beside each other where there is room.
          gridTemplateAreas: {
            xs: '"face" "ahead" "days" "records"',
            md: '"face ahead" "days ahead" "days records"',
          },
          gridTemplateRows: { md: "auto auto 1fr" },
          columnGap: 5,
          alignItems: "start",
          "& > *": { minWidth: 0 },
        }}
      >
        <Box sx={{ gridArea: "face" }}>
          <FacePart {...shared} />
        </Box>
        <Box sx={{ gridArea: "ahead" }}>
          <Ahead {...shared} />
        </Box>
        <Box sx={{ gridArea: "days", mb: 3 }}>
          <Days {...shared} />
        </Box>
        <Box sx={{ gridArea: "records" }}>
          <Records {...shared} onEdit={() => setEditing(true)} />
        </Box>
      </Box>
      {editing && <EditPiece {...shared} onClose={() => setEditing(false)} />}
    </>
  );
}

type Shared = { piece: Piece; workshop: Workshop };

// Its days so far, and what is said of it.
function Days({ piece }: Shared) {
  const { strip, dates, stage, fields } = piece;
  return (
    <>
      <DaysStrip
        strip={strip}
        scale={daysScale([strip])}
        most={440}
        end={strip.ended ? stage : undefined}
        dates={dates}
      />
      <Said fields={fields} />
      {fields.notes && <Typography sx={{ mt: 2, whiteSpace: "pre-line", maxWidth: "65ch" }}>{fields.notes}</Typography>}
    </>
  );
}

function Ahead({ piece, workshop }: Shared) {
  const { planned, strip, stage, id, budget } = piece;
  const atWork = !strip.ended && ["bought", "on the bench"].includes(stage);
  return (
    <>
      <VerdictLine piece={piece} />
      {atWork && (planned ? <WhatNext id={id} /> : <NoPlan id={id} />)}
      <EventButtons piece={piece} workshop={workshop} first={!atWork} />
      <MoneyPart piece={piece} currency={workshop.symbol} />
      {budget && <HoursGauge budget={budget} currency={workshop.symbol} />}
    </>
  );
}

function Records({ piece, workshop, onEdit }: Shared & { onEdit: () => void }) {
  const { id, stage, photos } = piece;
  return (
    <Box sx={{ borderTop: 2, borderColor: "text.primary" }}>
      <WorkPart piece={piece} workshop={workshop} />
      <CostsPart piece={piece} workshop={workshop} />
      <FindingsFold id={id} />
      <PhotosPart
        photos={photos}
        owner={{ piece_id: id }}
        start={stage === "bought" ? "before" : stage === "on the bench" ? "during" : "after"}
        folded
      />
      <DatesFold piece={piece} workshop={workshop} />
      <DiaryPart piece={piece} />
      <PricePart piece={piece} onEstimate={onEdit} />
      <Statement piece={piece} />
      <MixesPart id={id} />
      <ToolsPart id={id} />
      <StashPart id={id} />
      <CarePart piece={piece} />
    </Box>
  );
}

function Statement({ piece }: { piece: Piece }) {
  const { figures, other_hours: other, turnaround } = piece;
  const profit = figures.find((figure) => figure.key === "cash_profit");
  const spent = figures.find((figure) => figure.key === "cash_in");
  const summary = profit?.text
    ? t("piecePage.cashProfit", { profit: profit.text })
    : spent?.text
      ? t("piecePage.spentSoFar", { spent: spent.text })
      : t("piecePage.priceUnknown");
  return (
    <Fold title={t("piecePage.costStatement")} summary={summary}>
      <Figures figures={figures} />
      <OtherHours figures={other} />
      <Typography component="h3" sx={{ fontWeight: 600, mt: 2 }}>
        {t("piecePage.days")}
      </Typography>
      <Figures figures={turnaround} />
    </Fold>
  );
}

// The same by the other rule of which hours count: "Counting all 261 h 12: 8.28 an hour".
function OtherHours({ figures }: { figures: Piece["other_hours"] }) {
  const [hours, pay] = figures;
  if (!hours?.text) return null;
  const counted = hours.label.includes("all")
    ? t("piecePage.all", { hours: hours.text })
    : t("piecePage.handsWorkOnly", { hours: hours.text });
  return (
    <Typography variant="caption" component="p" sx={{ my: 1.5, color: "text.secondary" }}>
      {t("piecePage.counting", { counted, more: pay?.text ? t("piecePage.hour", { pay: pay.text }) : "" })}
    </Typography>
  );
}

// Will it fit, and what to have in mind with this piece.
function CarePart({ piece }: { piece: Piece }) {
  return (
    <Fold title={t("piecePage.fitCautions")} summary={t("piecePage.cautions", { count: piece.cautions.length })}>
      <FitTable fit={piece.fit} />
      {piece.single && <Box sx={{ my: 1.5, pl: 1.5, borderLeft: 3, borderColor: "warning.main" }}>{piece.single}</Box>}
      <Box sx={{ mt: 1.5 }}>
        <Cautions texts={piece.cautions} />
      </Box>
    </Fold>
  );
}

// What was found on it, in one line, and each with what it asks for.
function FindingsFold({ id }: { id: number }) {
  const { data } = usePlan(id);
  const findings = data?.findings ?? [];
  const summary = !data
    ? ""
    : findings.length === 0
      ? t("piecePage.inspectedYet")
      : `${findings.length}: ${findings.map((one) => one.label.toLowerCase()).join(", ")}`;
  return (
    <Fold title={t("piecePage.problems")} summary={summary.length > 70 ? `${summary.slice(0, 68)}…` : summary}>
      {findings.map((one) => (
        <Box key={one.id} sx={{ py: 0.75, borderBottom: 1, borderColor: "divider" }}>
          <b>{one.label}</b>
          <Quiet component="span">
            {[one.zone_label, one.measure, one.note].filter(Boolean).map((text) => ` · ${text}`)}
          </Quiet>
          <Box>{one.says}</Box>
        </Box>
      ))}
      <Box sx={{ pt: 1 }}>
        <Link to={`/pieces/${id}/over`}>{findings.length ? t("piecePage.inspectAgain") : t("piecePage.inspect")}</Link>
      </Box>
    </Fold>
  );
}

// The work on a piece: what each kind of it took, and each stretch.
function WorkPart({ piece, workshop }: { piece: Piece; workshop: Workshop }) {
  const hours = piece.figures.find((figure) => figure.key === "hours");
  const last = piece.work[piece.work.length - 1];
  const count = t("piecePage.entries", { count: piece.work.length });
  const summary = last
    ? t("piecePage.last", {
        count,
        hours: hours?.text ?? "",
        last: last.label.toLowerCase(),
        workedon: last.worked_on?.text ?? t("piecePage.dateUnknown"),
      })
    : t("piecePage.noneRecorded");
  return (
    <Fold title={t("piecePage.hours")} summary={summary}>
      {hours && hours.terms.length > 0 && (
        <Box sx={{ pb: 1, color: "text.secondary" }}>
          {hours.terms.map((term) => `${term.figure.label.toLowerCase()} ${term.figure.text}`).join(" · ")}
        </Box>
      )}
      {piece.work.length > 0 ? (
        <WorkList entries={piece.work} forPiece={piece.id} people={workshop.people.length} />
      ) : (
        <Quiet>{t("piecePage.hoursYetStartTimer")}</Quiet>
      )}
    </Fold>
  );
}
