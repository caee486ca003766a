// Spotted pieces, each with its answer; those that are closed with what became of them.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Link from "@mui/material/Link";
import Pagination from "@mui/material/Pagination";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { Link as RouterLink, useSearchParams } from "react-router";
import { useProspects, useWorkshop } from "../../api/queries";
import type { ProspectRow } from "../../api/types";
import { Drawing } from "../../kit/Drawing";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { SCOUT_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { useSettled } from "../../kit/useSettled";
import { PlainList, Quiet, Row } from "../../kit/layout";

const TONE: Record<string, string> = {
  buy: "primary.main",
  less: "warning.main",
  leave: "error.main",
  never: "error.main",
};

const most = (row: ProspectRow) => (row.most ? (row.most.minor < 0 ? "not even free" : row.most.text) : "not known");

function SpottedLine({ row, currency }: { row: ProspectRow; currency: string }) {
  const open = row.state === "open";
  return (
    <Box
      component="li"
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "64px 1fr", md: "72px minmax(170px, 1fr) 92px 92px minmax(260px, 2fr)" },
        columnGap: 2,
        alignItems: "center",
        py: 1,
        borderBottom: 1,
        borderColor: "divider",
      }}
    >
      <Box sx={{ width: 64, height: 48, overflow: "hidden", gridRow: { xs: "span 2", md: "auto" } }}>
        {row.face ? (
          <img src={row.face} alt="" width={64} height={48} style={{ objectFit: "cover" }} />
        ) : (
          <Drawing shape={row.drawing} width={64} height={48} />
        )}
      </Box>
      <Box>
        <Link component={RouterLink} to={`/scout/${row.id}`} sx={{ fontWeight: 600 }}>
          {row.title}
          {row.count > 1 && ` × ${row.count}`}
        </Link>
        <Quiet>{[row.source, row.spotted_on?.text].filter(Boolean).join(", ")}</Quiet>
      </Box>
      <Box sx={{ textAlign: { md: "right" }, gridColumn: { xs: 2, md: "auto" } }}>
        <Box component="span" sx={{ display: { md: "none" }, color: "text.secondary" }}>
          tag{" "}
        </Box>
        {row.tag ? `${row.tag.text}` : "no tag"}
        <Box component="span" sx={{ display: { md: "none" }, color: "text.secondary" }}>
          , most{" "}
        </Box>
        <Box component="span" sx={{ display: { md: "none" } }}>
          {most(row)} {row.most && row.most.minor >= 0 && currency}
        </Box>
      </Box>
      <Box sx={{ textAlign: "right", fontWeight: 600, display: { xs: "none", md: "block" } }}>{most(row)}</Box>
      <Box sx={{ gridColumn: { xs: "1 / -1", md: "auto" }, color: open ? TONE[row.verdict] : "text.primary" }}>
        {open ? row.text : [row.state_text, row.closed_on?.text, row.reason].filter(Boolean).join(", ")}
        {open && row.due && (
          <Quiet>
            look again {row.due.on?.text}: {row.due.why}
          </Quiet>
        )}
      </Box>
    </Box>
  );
}

export default function Spotted() {
  const [params, setParams] = useSearchParams();
  const view = params.get("view") === "closed" ? "closed" : "open";
  const text = params.get("query") ?? "";
  const page = Math.max(1, Number(params.get("page")) || 1);
  const spotted = useProspects(view, page, useSettled(text, 200));
  const workshop = useWorkshop();
  const set = (changes: Record<string, string>) =>
    setParams({ view, query: text, page: "1", ...changes }, { replace: true });
  if (spotted.error && !isKept(spotted)) return <Failure error={spotted.error} again={() => void spotted.refetch()} />;
  if (!spotted.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { rows, total, per, room } = spotted.data;
  return (
    <>
      <PageHead title="Scout" line={room}>
        <Button variant="contained" component={RouterLink} to="/scout/new">
          Spot a piece
        </Button>
      </PageHead>
      <SubNav name="Scout" pages={SCOUT_PAGES} />
      <Row className="no-print" gap={1.5} align="stretch" sx={{ mb: 1.5 }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={view}
          aria-label="Which spotted pieces"
          onChange={(_, next) => next && setParams({ view: next })}
        >
          <ToggleButton value="open">In view</ToggleButton>
          <ToggleButton value="closed">Bought or gone</ToggleButton>
        </ToggleButtonGroup>
        <TextField
          label="Search"
          value={text}
          onChange={(event) => set({ query: event.target.value })}
          sx={{ width: 190 }}
        />
      </Row>
      {rows.length === 0 ? (
        <Empty
          title={
            text
              ? "Nothing spotted has all of these words"
              : view === "open"
                ? "Nothing in view"
                : "Nothing bought or let go yet"
          }
        >
          {!text && view === "open" && (
            <>
              <span>Standing in a shop? Kind, tag price, condition: the most you should pay comes at once.</span>
              <Button variant="contained" component={RouterLink} to="/scout/new">
                Spot a piece
              </Button>
            </>
          )}
        </Empty>
      ) : (
        <>
          <Box
            aria-hidden
            sx={{
              display: { xs: "none", md: "grid" },
              gridTemplateColumns: "72px minmax(170px, 1fr) 92px 92px minmax(260px, 2fr)",
              columnGap: 2,
              color: "text.secondary",
              fontFamily: "Barlow Condensed",
              borderTop: 2,
              borderBottom: 1,
              borderColor: "divider",
              py: 0.5,
            }}
          >
            <span />
            <span>Piece</span>
            <Box sx={{ textAlign: "right" }}>Tag, {workshop.data.currency}</Box>
            <Box sx={{ textAlign: "right" }}>Most to pay</Box>
            <span>{view === "open" ? "Answer" : "Outcome"}</span>
          </Box>
          <PlainList>
            {rows.map((row) => (
              <SpottedLine key={row.id} row={row} currency={workshop.data.currency} />
            ))}
          </PlainList>
        </>
      )}
      {total > per && (
        <Pagination
          sx={{ mt: 2 }}
          count={Math.ceil(total / per)}
          page={page}
          onChange={(_, next) => set({ page: String(next) })}
        />
      )}
    </>
  );
}
