// The floor: every piece in hand, one row each; ended ones in the archive.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import MenuItem from "@mui/material/MenuItem";
import Pagination from "@mui/material/Pagination";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { lazy, Suspense, useState } from "react";
import { useSearchParams } from "react-router";
import { type ListQuery, usePieces, useWorkshop } from "../../api/queries";
import { useOpen } from "../../kit/session/open";
import { daysScale } from "../../kit/DaysStrip";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { FLOOR_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { useSettled } from "../../kit/useSettled";
import type { PieceRow } from "../../api/types";
import { FloorRow, FloorHead } from "./FloorRow";
import { SeveralBar } from "./SeveralBar";
import { Row } from "../../kit/layout";
import { t } from "../../locales/flips";

// How the lists of pieces may be sorted.
const SORTS = {
  in_hand: {
    ticket: t("floor.numberNewestFirst"),
    stage: t("floor.stage"),
    bought_on: t("floor.boughtOldestFirst"),
    cash_in: t("floor.spentSoFar"),
    hours: t("floor.hours"),
    name: "Name",
  },
  archive: {
    ended_on: t("floor.finishedLatestFirst"),
    cash_profit: t("floor.profit"),
    hourly_pay: t("floor.hourlyPay"),
    turnaround: t("floor.daysSell"),
    hours: t("floor.hours"),
    name: "Name",
  },
};
const RISING = ["name", "bought_on", "stage"];

const PastFlip = lazy(() => import("./PastFlip"));

export default function Floor() {
  const [past, setPast] = useState(false);
  const [params, setParams] = useSearchParams();
  const view = params.get("view") === "archive" ? "archive" : "in_hand";
  const sorts: Record<string, string> = SORTS[view];
  const wished = params.get("sort") ?? "";
  const sort = wished in sorts ? wished : Object.keys(sorts)[0]!;
  const text = params.get("query") ?? "";
  const page = Math.max(1, Number(params.get("page")) || 1);
  const [stage, kind, year] = ["stage", "kind", "year"].map((name) => params.get(name) ?? "");
  const set = (changes: Record<string, string>) => {
    const next = { view, sort, query: text, stage, kind, year, page: "1", ...changes };
    setParams(new URLSearchParams(Object.entries(next).filter((entry): entry is [string, string] => !!entry[1])), {
      replace: true,
    });
  };
  const [chosen, setChosen] = useState<Map<number, PieceRow> | null>(null);
  const toggle = (row: PieceRow) =>
    setChosen((now) => {
      const next = new Map(now);
      if (!next.delete(row.id)) next.set(row.id, row);
      return next;
    });
  const pieces = usePieces({
    view,
    sort: sort as ListQuery["sort"],
    descending: !RISING.includes(sort),
    query: useSettled(text, 200),
    page,
    ...(stage ? { stage } : {}),
    ...(kind ? { by: "kind" as const, trait: kind } : {}),
    ...(year ? { year } : {}),
  });
  const workshop = useWorkshop();
  const open = useOpen();
  if (pieces.error && !isKept(pieces)) return <Failure error={pieces.error} again={() => void pieces.refetch()} />;
  if (!pieces.data || !workshop.data) return <LinearProgress aria-label={t("floor.loading")} />;
  const { rows, total, per, in_hand: inHand, choices } = pieces.data;
  const currency = workshop.data.symbol;
  const unknown = inHand.count - inHand.price_known;
  const line = inHand.count
    ? t("floor.piecesHandTiedUp", {
        count: inHand.count,
        tiedup: inHand.tied_up?.text ?? "0",
        currency,
        more: unknown ? t("floor.unknownPrice", { unknown }) : "",
        oldestdays: inHand.oldest_days ?? t("floor.unknown"),
      })
    : t("floor.piecesHand");
  const scale = daysScale(rows.map((row) => row.strip));
  return (
    <>
      <PageHead title={t("floor.floor")} line={line}>
        <Button variant="outlined" onClick={() => setPast(true)}>
          {t("floor.addPastFlip")}
        </Button>
        <Button variant="contained" onClick={open.newPiece}>
          {t("floor.recordPiece")}
        </Button>
      </PageHead>
      {past && workshop.data && (
        <Suspense>
          <PastFlip workshop={workshop.data} onClose={() => setPast(false)} />
        </Suspense>
      )}
      <SubNav name={t("floor.floor")} pages={FLOOR_PAGES} />
      <Row className="no-print" gap={1.5} sx={{ mb: 1.5 }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={view}
          aria-label={t("floor.whichPieces")}
          sx={{ width: { xs: "100%", sm: "auto" } }}
          onChange={(_, next) => next && setParams({ view: next })}
        >
          <ToggleButton value="in_hand">{t("floor.hand")}</ToggleButton>
          <ToggleButton value="archive">{t("floor.archive")}</ToggleButton>
        </ToggleButtonGroup>
        <Narrow
          label={t("floor.stage")}
          value={stage ?? ""}
          among={choices.stages}
          onChange={(value) => set({ stage: value })}
        />
        <Narrow
          label={t("floor.kind")}
          value={kind ?? ""}
          among={choices.kinds}
          onChange={(value) => set({ kind: value })}
        />
        {view === "archive" && (
          <Narrow
            label={t("floor.year")}
            value={year ?? ""}
            among={choices.years}
            onChange={(value) => set({ year: value })}
          />
        )}
        <TextField
          label={t("floor.search")}
          value={text}
          onChange={(event) => set({ query: event.target.value })}
          sx={{ width: { xs: "calc(40% - 6px)", sm: 220 } }}
        />
        <TextField
          select
          label={t("floor.order")}
          value={sort}
          onChange={(event) => set({ sort: event.target.value })}
          sx={{ width: { xs: "calc(60% - 6px)", sm: 210 } }}
        >
          {Object.entries(sorts).map(([key, name]) => (
            <MenuItem key={key} value={key}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        {view === "in_hand" && rows.length > 1 && (
          <Button onClick={() => setChosen(chosen ? null : new Map())} aria-pressed={chosen !== null}>
            {chosen ? t("floor.cancelSelection") : t("floor.selectSeveral")}
          </Button>
        )}
      </Row>
      {chosen && <SeveralBar rows={[...chosen.values()]} workshop={workshop.data} onClose={() => setChosen(null)} />}
      {rows.length === 0 ? (
        <Empty
          title={
            text || stage || kind || year
              ? t("floor.piecesFound")
              : view === "archive"
                ? t("floor.finishedFlipsYet")
                : t("floor.piecesYet")
          }
        >
          {!text && view === "in_hand" && (
            <>
              <span>{t("floor.recordPieceBoughtName")}</span>
              <Button variant="contained" onClick={open.newPiece}>
                {t("floor.recordPiece")}
              </Button>
            </>
          )}
          {!text && view === "archive" && <span>{t("floor.piecesSoldKeptGave")}</span>}
        </Empty>
      ) : (
        <Box
          role="table"
          aria-label={view === "archive" ? t("floor.finishedFlips") : t("floor.piecesHand2")}
          sx={{ borderTop: 2, borderColor: "text.primary", bgcolor: "background.paper" }}
        >
          <FloorHead view={view} />
          {rows.map((row) => (
            <FloorRow
              key={row.id}
              row={row}
              scale={scale}
              view={view}
              chosen={chosen?.has(row.id)}
              onChoose={chosen ? () => toggle(row) : undefined}
            />
          ))}
        </Box>
      )}
      {total > per && (
        <Pagination
          className="no-print"
          sx={{ mt: 2 }}
          count={Math.ceil(total / per)}
          page={page}
          onChange={(_, next) => set({ page: String(next) })}
        />
      )}
    </>
  );
}

// Narrows a list to one of what is there; nothing is shown where there is nothing to choose.
type Props = { label: string; value: string; among: string[]; onChange: (value: string) => void };

function Narrow({ label, value, among, onChange }: Props) {
  if (among.length < 2 && !value) return null;
  const known = value && !among.includes(value) ? [value, ...among] : among;
  return (
    <TextField
      select
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      sx={{ width: { xs: "calc(50% - 6px)", sm: 150 } }}
    >
      <MenuItem value="">{t("floor.all")}</MenuItem>
      {known.map((one) => (
        <MenuItem key={one} value={one}>
          {one}
        </MenuItem>
      ))}
    </TextField>
  );
}
