// The dated events of a piece: what may come next within one tap; each can be corrected or taken back.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import type { EventKind, Piece, PieceEvent, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Entries, Entry } from "../../kit/Entry";
import { Part } from "../../kit/Part";
import { EventDialog } from "../../kit/EventDialog";
import { SplitDialog } from "./SplitDialog";

const BUTTONS: Record<string, string> = {
  first_work: "Record first work",
  ready: "Record ready",
  listed: "Record listing",
  price_changed: "Change asking price",
  sold: "Record sale",
  kept: "Keep it",
  given_away: "Give it away",
  scrapped: "Scrap it",
  parted_out: "Take it apart for parts",
  lost: "It was lost",
  refunded: "Record refund",
};

// Ends without a sale, behind one button.
const ENDINGS = ["kept", "given_away", "scrapped", "parted_out", "lost"];

function details(event: PieceEvent, currency: string): string {
  const { sale, refund } = event;
  const money = (name: string, amount?: { text: string } | null) => amount && `${name} ${amount.text} ${currency}`;
  const parts = sale
    ? [
        sale.price ? `for ${sale.price.text} ${currency}` : "price not known",
        money("tip", sale.tip),
        money("fee", sale.fee),
        money("delivery", sale.delivery),
        money("asked", sale.asking),
      ]
    : refund
      ? [`${refund.amount?.text} ${currency}`, money("fee given back", refund.fee_back)]
      : [
          event.asking
            ? `at ${event.asking.text} ${currency}`
            : ["listed"].includes(event.kind)
              ? "asking price not known"
              : null,
        ];
  return [...parts, event.channel].filter(Boolean).join(", ");
}

export function EventsPart({ piece, workshop }: { piece: Piece; workshop: Workshop }) {
  const [dialog, setDialog] = useState<{ kind: EventKind; event?: PieceEvent } | null>(null);
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const [splitting, setSplitting] = useState(false);
  const { remove } = useUndo();
  const endings = piece.possible_events.filter((choice) => ENDINGS.includes(choice.key));
  return (
    <Part title="Dates">
      <Entries>
        {piece.events.map((event) => (
          <Entry
            key={event.id ?? event.kind}
            day={event.on?.text ?? "date not known"}
            name={event.label.toLowerCase()}
            onCorrect={
              event.id === null || event.set_id || event.kind === "split"
                ? undefined
                : () => setDialog({ kind: event.kind as EventKind, event })
            }
            onRemove={
              event.id === null || event.set_id
                ? undefined
                : () => remove(api.DELETE("/api/events/{id}", { params: { path: { id: event.id! } } }))
            }
            removeWord="Take back"
          >
            <Box component="span" sx={{ fontWeight: 500 }}>
              {event.label}
            </Box>{" "}
            {event.kind === "bought" ? bought(piece, workshop.currency) : details(event, workshop.currency)}
            {event.set_id && (
              <>
                {" "}
                in a <Link to={`/floor/sets/${event.set_id}`}>set</Link>
              </>
            )}
            {!event.recorded && (
              <Box component="span" sx={{ color: "text.secondary" }}>
                read off the hours
              </Box>
            )}
          </Entry>
        ))}
      </Entries>
      <Box className="no-print" sx={{ display: "flex", flexWrap: "wrap", gap: 1, pt: 1.5 }}>
        {piece.possible_events
          .filter((choice) => !ENDINGS.includes(choice.key))
          .map((choice, place) => (
            <Button
              key={choice.key}
              variant={place === 0 ? "contained" : "outlined"}
              color={["listed", "price_changed", "sold", "refunded"].includes(choice.key) ? "secondary" : "primary"}
              onClick={() => setDialog({ kind: choice.key as EventKind })}
            >
              {BUTTONS[choice.key]}
            </Button>
          ))}
        {endings.length > 0 && (
          <Button variant="outlined" aria-haspopup="menu" onClick={(event) => setMenu(event.currentTarget)}>
            It ends otherwise
          </Button>
        )}
      </Box>
      <Menu anchorEl={menu} open={menu !== null} onClose={() => setMenu(null)}>
        {endings.map((choice) => (
          <MenuItem
            key={choice.key}
            onClick={() => {
              setMenu(null);
              setDialog({ kind: choice.key as EventKind });
            }}
          >
            {BUTTONS[choice.key]}
          </MenuItem>
        ))}
        <MenuItem
          onClick={() => {
            setMenu(null);
            setSplitting(true);
          }}
        >
          Split it into several
        </MenuItem>
      </Menu>
      {splitting && <SplitDialog piece={piece} workshop={workshop} onClose={() => setSplitting(false)} />}
      {dialog && (
        <EventDialog
          pieceId={piece.id}
          kind={dialog.kind}
          event={dialog.event}
          submit={BUTTONS[dialog.kind] ?? "Record"}
          workshop={workshop}
          openSteps={piece.open_steps}
          onClose={() => setDialog(null)}
        />
      )}
    </Part>
  );
}

function bought(piece: Piece, currency: string): string {
  if (piece.fields.purchase === "") return "at a price not known";
  return Number(piece.fields.purchase) === 0 ? "for nothing" : `for ${piece.fields.purchase} ${currency}`;
}
