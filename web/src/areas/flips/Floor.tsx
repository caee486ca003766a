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

// How the lists of pieces may be sorted.
const SORTS = {
  in_hand: {
    ticket: "Ticket, newest first",
    stage: "Stage",
    bought_on: "Bought, oldest first",
    cash_in: "Money in",
    hours: "Hours",
    name: "Name",
  },
  archive: {
    ended_on: "Ended, latest first",
    cash_profit: "Profit",
    hourly_pay: "Hourly pay",
    turnaround: "Turnaround",
    hours: "Hours",
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
  if (!pieces.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { rows, total, per, in_hand: inHand, choices } = pieces.data;
  const currency = workshop.data.currency;
  const unknown = inHand.count - inHand.price_known;
  const line = inHand.count
    ? `${inHand.count} in hand, ${inHand.tied_up?.text ?? "0"} ${currency} tied up${unknown ? ` (${unknown} at a price not known)` : ""}, oldest ${inHand.oldest_days ?? "not known"} days.`
    : "Nothing in hand.";
  const scale = daysScale(rows.map((row) => row.strip));
  return (
    <>
      <PageHead title="Floor" line={line}>
        <Button variant="outlined" onClick={() => setPast(true)}>
          A flip finished before
        </Button>
        <Button variant="contained" onClick={open.newPiece}>
          Record a piece
        </Button>
      </PageHead>
      {past && workshop.data && (
        <Suspense>
          <PastFlip workshop={workshop.data} onClose={() => setPast(false)} />
        </Suspense>
      )}
      <SubNav name="Floor" pages={FLOOR_PAGES} />
      <Row className="no-print" gap={1.5} sx={{ mb: 1.5 }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={view}
          aria-label="Which pieces"
          sx={{ width: { xs: "100%", sm: "auto" } }}
          onChange={(_, next) => next && setParams({ view: next })}
        >
          <ToggleButton value="in_hand">In hand</ToggleButton>
          <ToggleButton value="archive">Archive</ToggleButton>
        </ToggleButtonGroup>
        <Narrow label="Stage" value={stage ?? ""} among={choices.stages} onChange={(value) => set({ stage: value })} />
        <Narrow label="Kind" value={kind ?? ""} among={choices.kinds} onChange={(value) => set({ kind: value })} />
        {view === "archive" && (
          <Narrow label="Year" value={year ?? ""} among={choices.years} onChange={(value) => set({ year: value })} />
        )}
        <TextField
          label="Search"
          value={text}
          onChange={(event) => set({ query: event.target.value })}
          sx={{ width: { xs: "calc(40% - 6px)", sm: 220 } }}
        />
        <TextField
          select
          label="Order"
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
            {chosen ? "Stop choosing" : "Choose several"}
          </Button>
        )}
      </Row>
      {chosen && <SeveralBar rows={[...chosen.values()]} workshop={workshop.data} onClose={() => setChosen(null)} />}
      {rows.length === 0 ? (
        <Empty
          title={
            text || stage || kind || year
              ? "No piece is like that"
              : view === "archive"
                ? "No flip has ended yet"
                : "The floor is empty"
          }
        >
          {!text && view === "in_hand" && (
            <>
              <span>Record a piece you bought: its name is enough to begin with.</span>
              <Button variant="contained" onClick={open.newPiece}>
                Record a piece
              </Button>
            </>
          )}
          {!text && view === "archive" && <span>Sold, kept, given away and scrapped pieces come to rest here.</span>}
        </Empty>
      ) : (
        <Box
          role="table"
          aria-label={view === "archive" ? "Ended flips" : "Pieces in hand"}
          sx={{ borderTop: 2, borderColor: "text.primary", bgcolor: "background.paper" }}
        >
          <FloorHead view={view} currency={currency} />
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
      <MenuItem value="">all</MenuItem>
      {known.map((one) => (
        <MenuItem key={one} value={one}>
          {one}
        </MenuItem>
      ))}
    </TextField>
  );
}
