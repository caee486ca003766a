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
import { t } from "../../locales/scout";

const TONE: Record<string, string> = {
  buy: "primary.main",
  less: "warning.main",
  leave: "error.main",
  never: "error.main",
};

const most = (row: ProspectRow) =>
  row.most ? (row.most.minor < 0 ? t("spotted.evenFree") : row.most.text) : t("spotted.unknown");

function SpottedLine({ row }: { row: ProspectRow }) {
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
          {t("spotted.tag")}{" "}
        </Box>
        {row.tag ? row.tag.text : t("spotted.tag2")}
        <Box component="span" sx={{ display: { md: "none" }, color: "text.secondary" }}>
          {t("spotted.most")}{" "}
        </Box>
        <Box component="span" sx={{ display: { md: "none" } }}>
          {most(row)}
        </Box>
      </Box>
      <Box sx={{ textAlign: "right", fontWeight: 600, display: { xs: "none", md: "block" } }}>{most(row)}</Box>
      <Box sx={{ gridColumn: { xs: "1 / -1", md: "auto" }, color: open ? TONE[row.verdict] : "text.primary" }}>
        {open ? row.text : [row.state_text, row.closed_on?.text, row.reason].filter(Boolean).join(", ")}
        {open && row.due && <Quiet>{t("spotted.checkAgain", { on: row.due.on?.text ?? "", why: row.due.why })}</Quiet>}
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
  if (!spotted.data || !workshop.data) return <LinearProgress aria-label={t("spotted.loading")} />;
  const { rows, total, per, room } = spotted.data;
  return (
    <>
      <PageHead title={t("spotted.scout")} line={room}>
        <Button variant="contained" component={RouterLink} to="/scout/new">
          {t("spotted.checkPiece")}
        </Button>
      </PageHead>
      <SubNav name={t("spotted.scout")} pages={SCOUT_PAGES} />
      <Row className="no-print" gap={1.5} align="stretch" sx={{ mb: 1.5 }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={view}
          aria-label={t("spotted.whichSpottedPieces")}
          onChange={(_, next) => next && setParams({ view: next })}
        >
          <ToggleButton value="open">{t("spotted.watching")}</ToggleButton>
          <ToggleButton value="closed">{t("spotted.boughtGone")}</ToggleButton>
        </ToggleButtonGroup>
        <TextField
          label={t("spotted.search")}
          value={text}
          onChange={(event) => set({ query: event.target.value })}
          sx={{ width: 190 }}
        />
      </Row>
      {rows.length === 0 ? (
        <Empty
          title={
            text
              ? t("spotted.nothingFoundAllThese")
              : view === "open"
                ? t("spotted.nothingList")
                : t("spotted.nothingBoughtPassedYet")
          }
        >
          {!text && view === "open" && (
            <>
              <span>{t("spotted.shopEnterWhatTag")}</span>
              <Button variant="contained" component={RouterLink} to="/scout/new">
                {t("spotted.checkPiece")}
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
            <span>{t("spotted.piece")}</span>
            <Box sx={{ textAlign: "right" }}>{t("spotted.tag3")}</Box>
            <Box sx={{ textAlign: "right" }}>{t("spotted.payMost")}</Box>
            <span>{view === "open" ? t("spotted.answer") : t("spotted.outcome")}</span>
          </Box>
          <PlainList>
            {rows.map((row) => (
              <SpottedLine key={row.id} row={row} />
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
