// Lots: one purchase with several pieces, and what each bears of it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Link from "@mui/material/Link";
import Pagination from "@mui/material/Pagination";
import { useState } from "react";
import { Link as RouterLink, useNavigate } from "react-router";
import { useLots, useWorkshop } from "../../api/queries";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { SCOUT_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { LotDialog } from "./LotDialog";
import { PlainList, Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/flips";

export default function Lots() {
  const [page, setPage] = useState(1);
  const [entering, setEntering] = useState(false);
  const lots = useLots(page);
  const workshop = useWorkshop();
  const navigate = useNavigate();
  if (lots.error && !isKept(lots)) return <Failure error={lots.error} again={() => void lots.refetch()} />;
  if (!lots.data || !workshop.data) return <LinearProgress aria-label={t("lots.loading")} />;
  const { rows, total, per } = lots.data;
  const button = (
    <Button variant="contained" onClick={() => setEntering(true)}>
      {t("lots.recordLot")}
    </Button>
  );
  return (
    <>
      <PageHead title={t("lots.lots")} line={t("lots.severalPiecesOnePrice")}>
        {button}
      </PageHead>
      <SubNav name={t("lots.scout")} pages={SCOUT_PAGES} />
      {rows.length === 0 ? (
        <Empty title={t("lots.lotsYet")}>
          <span>{t("lots.auctionLotFreeLoad")}</span>
          {button}
        </Empty>
      ) : (
        <PlainList sx={{ borderTop: 2 }}>
          {rows.map((lot) => (
            <Row
              component="li"
              key={lot.id}
              gap={2}
              align="stretch"
              sx={{ py: 1.25, borderBottom: 1, borderColor: "divider" }}
            >
              <Box sx={{ flex: "1 1 240px" }}>
                <Link component={RouterLink} to={`/scout/lots/${lot.id}`} sx={{ fontWeight: 600 }}>
                  {lot.name}
                </Link>
                <Quiet>{[lot.source, lot.bought_on?.text].filter(Boolean).join(", ")}</Quiet>
              </Box>
              <Box sx={{ flex: "2 1 300px", color: "text.secondary" }}>
                {lot.members.map((member) => `${member.name} ${member.total?.text ?? "?"}`).join(" · ")}
              </Box>
              <Box sx={{ minWidth: 110, textAlign: "right", fontWeight: 600 }}>
                {lot.total ? `${lot.total.text}` : t("lots.priceUnknown")}
              </Box>
            </Row>
          ))}
        </PlainList>
      )}
      {total > per && (
        <Pagination sx={{ mt: 2 }} count={Math.ceil(total / per)} page={page} onChange={(_, next) => setPage(next)} />
      )}
      {entering && (
        <LotDialog
          workshop={workshop.data}
          onClose={() => setEntering(false)}
          onMade={(lot) => void navigate(`/scout/lots/${lot.id}`)}
        />
      )}
    </>
  );
}
