// A spotted piece: its answer, its tag over time, what to make sure of, photos; bought, let go or gone from here.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import { useState, useRef } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, ask, ProblemError } from "../../api/client";
import { useProspect, useWorkshop } from "../../api/queries";
import type { Prospect } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Cautions } from "../../kit/Cautions";
import { Drawing } from "../../kit/Drawing";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { PhotosPart } from "../../kit/photos/PhotosPart";
import { type Closing, ClosingDialog } from "./ClosingDialog";
import { givenOf, type Given } from "./given";
import { ProspectEditor } from "./ProspectEditor";
import { useBuy } from "./useBuy";
import { Verdict } from "./Verdict";
import { WatchPart } from "./WatchPart";
import { FitTable } from "../../kit/FitTable";
import { SmallTable } from "../../kit/SmallTable";
import { t } from "../../locales/scout";

// Saves what was changed of a spotted piece, and only that. Where another tab saved first, says what it changed; saving
// again then keeps both.
const differing = (one: Given, other: Given) =>
  (Object.keys(one) as (keyof Given)[]).filter((name) => JSON.stringify(one[name]) !== JSON.stringify(other[name]));
const pick = (given: Given, names: (keyof Given)[]) => Object.fromEntries(names.map((name) => [name, given[name]]));

// opened: the version the form began with, or null while nothing is edited.
function useSave(opened: Prospect | null) {
  const { done } = useUndo();
  const seen = useRef<Prospect | null>(null); // the latest version the person saw
  return async (given: Given) => {
    if (!opened || opened.id === null) return;
    const path = { params: { path: { id: opened.id } } };
    const before = givenOf(opened);
    const changed = differing(given, before);
    const version = (seen.current?.id === opened.id ? seen.current : opened).lock_version;
    try {
      const saved = await ask(
        api.PATCH("/api/prospects/{id}", { ...path, body: { ...pick(given, changed), lock_version: version } }),
      );
      seen.current = null;
      done(t("prospectPage.saved", { title: saved.title }), () =>
        ask(
          api.PATCH("/api/prospects/{id}", {
            ...path,
            body: { ...pick(before, changed), lock_version: saved.lock_version },
          }),
        ),
      );
    } catch (error) {
      if (!(error instanceof ProblemError) || error.problem.status !== 409) throw error;
      const theirs = error.problem.current as unknown as Prospect;
      seen.current = theirs;
      const names = differing(givenOf(theirs), before).map((name) => name.replaceAll("_", " "));
      const detail = t("prospectPage.someoneChangedAnotherTab", {
        names: names.join(", ") || t("prospectPage.nothingCanSeeHere"),
      });
      throw new ProblemError({ ...error.problem, detail });
    }
  };
}

export default function ProspectPage() {
  const id = Number(useParams().id);
  const prospect = useProspect(id);
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const { done, remove, failed } = useUndo();
  // The version that was opened: what is fetched again behind the form must not slip under it.
  const [editing, setEditing] = useState<Prospect | null>(null);
  const save = useSave(editing);
  const [closing, setClosing] = useState<Closing | null>(null);
  const buy = useBuy(id, prospect.data?.title ?? "");
  if (prospect.error && !isKept(prospect))
    return <Failure error={prospect.error} again={() => void prospect.refetch()} />;
  if (!prospect.data || !workshop.data) return <LinearProgress aria-label={t("prospectPage.loading")} />;
  const data = prospect.data;
  const path = { params: { path: { id } } };
  const open = data.state === "open";
  const facts = [
    data.fields.kind,
    data.fields.source && t("prospectPage.at", { source: data.fields.source }),
    data.condition.label.toLowerCase(),
  ];
  const reopen = () =>
    ask(api.POST("/api/prospects/{id}/reopen", path))
      .then(() => done(t("prospectPage.listAgain", { title: data.title })))
      .catch(failed);
  const removeIt = async () => {
    if (await remove(api.DELETE("/api/prospects/{id}", path))) void navigate("/scout");
  };
  return (
    <>
      <PageHead
        title={data.title}
        line={
          open ? (
            facts.filter(Boolean).join(", ")
          ) : (
            <>
              {[data.state_text, data.closed_on?.text, data.reason].filter(Boolean).join(", ")}
              {data.pieces.map((piece) => (
                <span key={piece.id}>
                  {" · "}
                  <Link to={`/pieces/${piece.id}`}>{`${piece.ticket} ${piece.name}`}</Link>
                </span>
              ))}
            </>
          )
        }
      >
        {open && !editing && (
          <>
            {data.tag && (
              <Button variant="contained" color="secondary" onClick={() => void buy({}).catch(failed)}>
                {t("prospectPage.buy", { tag: data.tag.text })}
              </Button>
            )}
            <Button variant={data.tag ? "text" : "contained"} color="secondary" onClick={() => setClosing("buy")}>
              {data.tag ? t("prospectPage.anotherPrice") : t("prospectPage.buy2")}
            </Button>
            <Button variant="outlined" onClick={() => setEditing(data)}>
              {t("prospectPage.edit")}
            </Button>
            <Button onClick={() => setClosing("let_go")}>{t("prospectPage.pass")}</Button>
            <Button onClick={() => setClosing("gone")}>{t("prospectPage.someoneElseGot")}</Button>
          </>
        )}
        {!open && data.pieces.length === 0 && (
          <Button variant="outlined" onClick={() => void reopen()}>
            {t("prospectPage.watchAgain")}
          </Button>
        )}
        <Button color="inherit" onClick={() => void removeIt()}>
          {t("prospectPage.remove")}
        </Button>
      </PageHead>
      {editing ? (
        <ProspectEditor
          initial={givenOf(editing)}
          workshop={workshop.data}
          submit={t("prospectPage.saveChanges")}
          whole
          onSave={async (given) => {
            await save(given);
            setEditing(null);
          }}
        >
          <Button onClick={() => setEditing(null)}>{t("prospectPage.discardChanges")}</Button>
        </ProspectEditor>
      ) : (
        <Box
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr", md: "220px 1fr" },
            columnGap: 4,
            alignItems: "start",
          }}
        >
          <Box sx={{ display: { xs: "none", md: "block" } }}>
            <Drawing shape={data.drawing} width={210} height={180} measures />
          </Box>
          <Verdict answer={data} currency={workshop.data.symbol} />
        </Box>
      )}
      {data.fields.notes && <Box sx={{ mb: 3, whiteSpace: "pre-line", maxWidth: "65ch" }}>{data.fields.notes}</Box>}
      <WatchPart prospect={data} currency={workshop.data.symbol} />
      <BeforePart prospect={data} currency={workshop.data.symbol} />
      <PhotosPart photos={data.photos} owner={{ prospect_id: id }} start="before" />
      {data.cautions.length > 0 && (
        <Part title={t("prospectPage.keepMind")}>
          <Cautions texts={data.cautions} />
        </Part>
      )}
      {closing && (
        <ClosingDialog closing={closing} prospect={data} workshop={workshop.data} onClose={() => setClosing(null)} />
      )}
    </>
  );
}

// What was checked before committing: fit, height, core, pulls, room.
function Noted({ noted }: { noted: { text: string; wrong: boolean } | null }) {
  return noted && <Box sx={{ color: noted.wrong ? "error.main" : "text.primary" }}>{noted.text}</Box>;
}

function BeforePart({ prospect, currency }: { prospect: Prospect; currency: string }) {
  const { before } = prospect;
  const missing = prospect.fields.checks?.missing_of_pair;
  return (
    <Part title={t("prospectPage.beforeBuy")}>
      <Box sx={{ display: "grid", gap: 1, mb: 2 }}>
        <Box>{before.room}</Box>
        <Noted noted={before.height} />
        <Noted noted={before.core} />
        {missing && <Box sx={{ color: "error.main" }}>{t("prospectPage.onePairMissingMake", { missing })}</Box>}
        {before.hardware?.complete && <Box>{t("prospectPage.hasAllPulls")}</Box>}
      </Box>
      {before.hardware && !before.hardware.complete && (
        <SmallTable
          label={t("prospectPage.pullsThreeWays")}
          width={860}
          columns={[
            t("prospectPage.pulls"),
            [t("prospectPage.cost", { currency })],
            [t("prospectPage.work")],
            [t("prospectPage.timeTargetPay")],
            t("prospectPage.note"),
          ]}
          rows={before.hardware.ways.map((way) => ({
            key: way.key,
            strong: way.best,
            cells: [
              `${way.label}${way.best ? t("prospectPage.cheapest") : ""}`,
              way.money?.bare ?? way.why,
              way.effort?.text,
              way.total?.text ?? t("prospectPage.unknown"),
              way.note,
            ],
          }))}
        />
      )}
      <FitTable fit={before.fit} />
    </Part>
  );
}
