// One set: its scale of prices, what happened to it, and what each piece gets of it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, ask } from "../../api/client";
import { useSet, useWorkshop, useSetPlan } from "../../api/queries";
import { useUndo } from "../../kit/session/undo";
import { Entries, Entry } from "../../kit/Entry";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { Figures } from "../../kit/Figures";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import { PriceTape } from "../../kit/PriceTape";
import { SetEventDialog, type SetKind } from "./SetEventDialog";
import Typography from "@mui/material/Typography";
import type { SetPlan } from "../../api/types";
import { PlainList, Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/flips";

const BUTTONS: Record<SetKind, string> = {
  ready: t("setPage.markSetReady"),
  listed: t("setPage.markSetListed"),
  price_changed: t("setPage.changeAskingPrice"),
  sold: t("setPage.recordSale"),
};

export default function SetPage() {
  const id = Number(useParams().id);
  const set = useSet(id);
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const { remove } = useUndo();
  const [dialog, setDialog] = useState<{ kind: SetKind; event?: number } | null>(null);
  if (set.error && !isKept(set)) return <Failure error={set.error} again={() => void set.refetch()} />;
  if (!set.data || !workshop.data) return <LinearProgress aria-label={t("setPage.loading")} />;
  const data = set.data;
  const currency = workshop.data.symbol;
  const breakUp = async () => {
    if (await remove(api.DELETE("/api/sets/{id}", { params: { path: { id } } }))) void navigate("/floor/sets");
  };
  const hand = data.events.some((event) => event.hand);
  return (
    <>
      <PageHead
        title={data.name}
        line={t("setPage.setSplit", { count: data.members.length, more: hand ? t("setPage.hand") : data.basis })}
      >
        {data.possible.map((kind, place) => (
          <Button
            key={kind}
            variant={place === 0 ? "contained" : "outlined"}
            color="secondary"
            onClick={() => setDialog({ kind: kind as SetKind })}
          >
            {BUTTONS[kind as SetKind]}
          </Button>
        ))}
        {data.state !== "sold" && (
          <Button color="inherit" onClick={() => void breakUp()}>
            {t("setPage.splitUpSet")}
          </Button>
        )}
      </PageHead>
      <Part title={t("setPage.priceSet")}>
        <PriceTape tape={data.tape} currency={currency} />
        <Box sx={{ mt: 2 }}>
          <Figures figures={data.figures} />
        </Box>
      </Part>
      {data.state !== "sold" && <SetPlanPart id={id} />}
      <Part title={t("setPage.whatHappened")}>
        {data.events.length === 0 && <Quiet>{t("setPage.listedYet")}</Quiet>}
        <Entries>
          {data.events.map((event) => (
            <Entry
              key={event.id}
              day={event.on?.text ?? t("setPage.dateUnknown")}
              name={event.label.toLowerCase()}
              amount={event.kind === "ready" ? undefined : `${(event.price ?? event.asking)?.text ?? "?"}`}
              onCorrect={() => setDialog({ kind: event.kind as SetKind, event: event.id })}
              onRemove={() => remove(api.DELETE("/api/set-events/{id}", { params: { path: { id: event.id } } }))}
              removeWord={t("setPage.undo")}
            >
              {[
                event.label,
                event.fee && t("setPage.fee", { fee: event.fee.text }),
                event.tip && t("setPage.tip", { tip: event.tip.text }),
                event.channel,
              ]
                .filter(Boolean)
                .join(", ")}
            </Entry>
          ))}
        </Entries>
      </Part>
      <Part title={t("setPage.shareEachPiece")}>
        <SmallTable
          label={t("setPage.sharesSet")}
          columns={[
            t("setPage.piece"),
            [t("setPage.spentSoFar", { currency })],
            [t("setPage.askedBeforeOwn")],
            [t("setPage.shareAsking")],
            [t("setPage.receipts")],
            [t("setPage.profit")],
          ]}
          rows={data.members.map((member) => ({
            key: member.piece_id,
            cells: [
              <Link key="piece" to={`/pieces/${member.piece_id}`}>{`${member.ticket} ${member.name}`}</Link>,
              member.cash_in?.bare ?? t("setPage.unknown"),
              member.asking_before?.text ?? "never",
              member.asking?.text ?? "none",
              member.receipts?.text ?? t("setPage.sold"),
              member.cash_profit?.text ?? t("setPage.yet"),
            ],
          }))}
        />
      </Part>
      {dialog && (
        <SetEventDialog
          set={data}
          kind={dialog.kind}
          event={data.events.find((event) => event.id === dialog.event)}
          submit={BUTTONS[dialog.kind]}
          workshop={workshop.data}
          onClose={() => setDialog(null)}
        />
      )}
    </>
  );
}

// The work of a set in one go: each step once, ticked piece by piece.
type Line = SetPlan["lines"][number];
type Piece = Line["pieces"][number];

function SetPlanPart({ id }: { id: number }) {
  const { data } = useSetPlan(id);
  if (!data || data.lines.length === 0) return null;
  const saved = (data.alone?.seconds ?? 0) > (data.together?.seconds ?? 0);
  return (
    <Part title={t("setPage.workedTogether")}>
      <Typography sx={{ mb: 1 }}>
        {t("setPage.workLeftTogether", { together: data.together?.text })}
        {saved ? t("setPage.oneOneSettingUp", { alone: data.alone?.text }) : "."}
      </Typography>
      <PlainList component="ol">
        {data.lines.map((line, place) => (
          <Step key={line.key} line={line} first={line.phase !== data.lines[place - 1]?.phase} />
        ))}
      </PlainList>
    </Part>
  );
}

function Step({ line, first }: { line: Line; first: boolean }) {
  const over = line.pieces.every((piece) => piece.state === "done");
  return (
    <Box component="li" sx={{ borderTop: 1, borderColor: "divider", py: 0.75, breakInside: "avoid" }}>
      {first && (
        <Typography variant="overline" component="div" sx={{ color: "text.secondary", lineHeight: 1.6 }}>
          {line.phase}
        </Typography>
      )}
      <Row wrap={false} align="stretch">
        <Box sx={{ flex: 1, textDecoration: over ? "line-through" : undefined, fontWeight: 500 }}>{line.label}</Box>
        <Box sx={{ whiteSpace: "nowrap" }}>{line.time?.text}</Box>
      </Row>
      <Row role="group" aria-label={line.label} gap={0.5} align="stretch" sx={{ mt: 0.5 }}>
        {line.pieces.map((piece) => (
          <Tick key={piece.id} line={line} piece={piece} />
        ))}
      </Row>
    </Box>
  );
}

// What ends with an answer is answered on the piece's own plan; a caution that was not read yet stands there, too.
function Tick({ line, piece }: { line: Line; piece: Piece }) {
  const { done, failed } = useUndo();
  const path = { params: { path: { id: piece.id } } };
  const body = { step: line.key };
  const over = piece.state === "done";
  if (piece.answered && !over)
    return (
      <Button size="small" variant="outlined" component={Link} to={`/pieces/${piece.id}/plan`}>
        {t("setPage.answerFirst", { piece: piece.name })}
      </Button>
    );
  const toggle = async () => {
    const finish = () => ask(api.POST("/api/pieces/{id}/steps/done", { ...path, body }));
    const reopen = () => ask(api.POST("/api/pieces/{id}/steps/open", { ...path, body }));
    await (over ? reopen() : finish());
    done(`${over ? t("setPage.done") : t("setPage.done2")}: ${line.label}, ${piece.name}`, () =>
      over ? finish() : reopen(),
    );
  };
  return (
    <Button
      size="small"
      variant={over ? "contained" : "outlined"}
      aria-pressed={over}
      onClick={() => void toggle().catch(failed)}
    >
      {`${piece.name}${piece.state === "part" ? t("setPage.started") : ""}`}
    </Button>
  );
}
