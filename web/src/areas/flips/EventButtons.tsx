// What may happen to a piece next, as events: the likeliest first, ends without a sale behind one button.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import type { EventKind, Piece, Workshop } from "../../api/types";
import { EventDialog } from "../../kit/EventDialog";
import { SplitDialog } from "./SplitDialog";

export const EVENT_BUTTONS: Record<string, string> = {
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

// first: whether the likeliest of them stands out.
export function EventButtons({ piece, workshop, first }: { piece: Piece; workshop: Workshop; first: boolean }) {
  const [dialog, setDialog] = useState<EventKind | null>(null);
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const [splitting, setSplitting] = useState(false);
  const endings = piece.possible_events.filter((choice) => ENDINGS.includes(choice.key));
  const others = piece.possible_events.filter((choice) => !ENDINGS.includes(choice.key));
  return (
    <>
      <Box className="no-print" sx={{ display: "flex", flexWrap: "wrap", gap: 1, mb: 3, ml: first ? 0 : -1 }}>
        {others.map((choice, place) => (
          <Button
            key={choice.key}
            variant={first ? (place === 0 ? "contained" : "outlined") : "text"}
            color={["listed", "price_changed", "sold", "refunded"].includes(choice.key) ? "secondary" : "primary"}
            onClick={() => setDialog(choice.key as EventKind)}
          >
            {EVENT_BUTTONS[choice.key]}
          </Button>
        ))}
        {endings.length > 0 && (
          <Button aria-haspopup="menu" onClick={(event) => setMenu(event.currentTarget)}>
            Ended another way
          </Button>
        )}
      </Box>
      <Menu anchorEl={menu} open={menu !== null} onClose={() => setMenu(null)}>
        {endings.map((choice) => (
          <MenuItem
            key={choice.key}
            onClick={() => {
              setMenu(null);
              setDialog(choice.key as EventKind);
            }}
          >
            {EVENT_BUTTONS[choice.key]}
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
          kind={dialog}
          submit={EVENT_BUTTONS[dialog] ?? "Record"}
          workshop={workshop}
          openSteps={piece.open_steps}
          onClose={() => setDialog(null)}
        />
      )}
    </>
  );
}
