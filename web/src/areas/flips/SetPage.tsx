// One set: its scale of prices, what happened to it, and what each piece gets of it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api } from "../../api/client";
import { useSet, useWorkshop } from "../../api/queries";
import { useUndo } from "../../kit/session/undo";
import { Entries, Entry } from "../../kit/Entry";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { Figures } from "../../kit/Figures";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import { PriceTape } from "../../kit/PriceTape";
import { SetPlanPart } from "./SetPlanPart";
import { SetEventDialog, type SetKind } from "./SetEventDialog";

const BUTTONS: Record<SetKind, string> = {
  ready: "The set is ready",
  listed: "List the set",
  price_changed: "Change asking price",
  sold: "Record sale",
};

export default function SetPage() {
  const id = Number(useParams().id);
  const set = useSet(id);
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const { remove } = useUndo();
  const [dialog, setDialog] = useState<{ kind: SetKind; event?: number } | null>(null);
  if (set.error && !isKept(set)) return <Failure error={set.error} again={() => void set.refetch()} />;
  if (!set.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const data = set.data;
  const currency = workshop.data.currency;
  const breakUp = async () => {
    if (await remove(api.DELETE("/api/sets/{id}", { params: { path: { id } } }))) void navigate("/floor/sets");
  };
  const hand = data.events.some((event) => event.hand);
  return (
    <>
      <PageHead title={data.name} line={`Set of ${data.members.length}. Shared ${hand ? "by hand" : data.basis}.`}>
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
            Break the set
          </Button>
        )}
      </PageHead>
      <Part title="Price of the set">
        <PriceTape tape={data.tape} currency={currency} />
        <Box sx={{ mt: 2 }}>
          <Figures figures={data.figures} currency={currency} />
        </Box>
      </Part>
      {data.state !== "sold" && <SetPlanPart id={id} />}
      <Part title="What happened">
        {data.events.length === 0 && <Box sx={{ color: "text.secondary" }}>Not listed yet.</Box>}
        <Entries>
          {data.events.map((event) => (
            <Entry
              key={event.id}
              day={event.on?.text ?? "date not known"}
              name={event.label.toLowerCase()}
              amount={event.kind === "ready" ? undefined : `${(event.price ?? event.asking)?.text ?? "?"} ${currency}`}
              onCorrect={() => setDialog({ kind: event.kind as SetKind, event: event.id })}
              onRemove={() => remove(api.DELETE("/api/set-events/{id}", { params: { path: { id: event.id } } }))}
              removeWord="Take back"
            >
              {[event.label, event.fee && `fee ${event.fee.text}`, event.tip && `tip ${event.tip.text}`, event.channel]
                .filter(Boolean)
                .join(", ")}
            </Entry>
          ))}
        </Entries>
      </Part>
      <Part title="What each piece gets">
        <SmallTable
          label="Shares of the set"
          columns={[
            "Piece",
            [`Money in, ${currency}`],
            ["Asked alone before"],
            ["Share of asking"],
            ["Receipts"],
            ["Profit"],
          ]}
          rows={data.members.map((member) => ({
            key: member.piece_id,
            cells: [
              <Link key="piece" to={`/pieces/${member.piece_id}`}>{`${member.ticket} ${member.name}`}</Link>,
              member.cash_in?.text ?? "not known",
              member.asking_before?.text ?? "never",
              member.asking?.text ?? "none",
              member.receipts?.text ?? "not sold",
              member.cash_profit?.text ?? "not yet",
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
