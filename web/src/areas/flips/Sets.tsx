// Sets: pieces that are offered and sold together.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Link from "@mui/material/Link";
import Pagination from "@mui/material/Pagination";
import { useState } from "react";
import { Link as RouterLink, useNavigate } from "react-router";
import { api, ask } from "../../api/client";
import { useSets, useWorkshop } from "../../api/queries";
import { useUndo } from "../../kit/session/undo";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { FormDialog } from "../../kit/FormDialog";
import { PageHead } from "../../kit/PageHead";
import { FLOOR_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { PlainList, Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/flips";

const STATE: Record<string, string> = {
  together: t("sets.listedYet"),
  listed: "listed",
  price_changed: "listed",
  sold: "sold",
};

export default function Sets() {
  const [page, setPage] = useState(1);
  const sets = useSets(page);
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const { done } = useUndo();
  const [making, setMaking] = useState(false);
  if (sets.error && !isKept(sets)) return <Failure error={sets.error} again={() => void sets.refetch()} />;
  if (!sets.data || !workshop.data) return <LinearProgress aria-label={t("sets.loading")} />;
  const button = (
    <Button variant="contained" onClick={() => setMaking(true)}>
      {t("sets.makeSet")}
    </Button>
  );
  return (
    <>
      <PageHead title={t("sets.sets")} line={t("sets.oneAskingPriceOne")}>
        {button}
      </PageHead>
      <SubNav name={t("sets.floor")} pages={FLOOR_PAGES} />
      {sets.data.rows.length === 0 ? (
        <Empty title={t("sets.setsYet")}>
          <span>{t("sets.chairsNightstandsDeskStool")}</span>
          {button}
        </Empty>
      ) : (
        <PlainList sx={{ borderTop: 2 }}>
          {sets.data.rows.map((set) => {
            const last = [...set.events].reverse().find((event) => event.price ?? event.asking);
            return (
              <Row
                component="li"
                key={set.id}
                gap={2}
                align="stretch"
                sx={{ py: 1.25, borderBottom: 1, borderColor: "divider" }}
              >
                <Box sx={{ flex: "1 1 240px" }}>
                  <Link component={RouterLink} to={`/floor/sets/${set.id}`} sx={{ fontWeight: 600 }}>
                    {set.name}
                  </Link>
                  <Quiet>{STATE[set.state]}</Quiet>
                </Box>
                <Box sx={{ flex: "2 1 300px", color: "text.secondary" }}>
                  {set.members.map((member) => member.name).join(" · ")}
                </Box>
                <Box sx={{ minWidth: 110, textAlign: "right", fontWeight: 600 }}>
                  {last ? `${(last.price ?? last.asking)?.text}` : t("sets.price")}
                </Box>
              </Row>
            );
          })}
        </PlainList>
      )}
      {sets.data.total > sets.data.per && (
        <Pagination
          sx={{ mt: 2 }}
          count={Math.ceil(sets.data.total / sets.data.per)}
          page={page}
          onChange={(_, next) => setPage(next)}
        />
      )}
      {making && (
        <FormDialog
          title={t("sets.makeSet")}
          submit={t("sets.makeSet2")}
          fields={[
            {
              name: "pieces",
              label: t("sets.piecesSellTogether"),
              kind: "pieces",
              weights: false,
              help: t("sets.twoMorePiecesStill"),
            },
            { name: "name", label: t("sets.nameSet"), kind: "text" },
          ]}
          onClose={() => setMaking(false)}
          onSubmit={async (values, pieces) => {
            const body = { name: values.name ?? "", piece_ids: pieces.map((piece) => piece.piece_id) };
            const made = await ask(api.POST("/api/sets", { body }));
            done(t("sets.setMade", { made: made.name }), () =>
              ask(api.DELETE("/api/sets/{id}", { params: { path: { id: made.id } } })).then(() =>
                navigate("/floor/sets"),
              ),
            );
            setMaking(false);
            void navigate(`/floor/sets/${made.id}`);
          }}
        />
      )}
    </>
  );
}
