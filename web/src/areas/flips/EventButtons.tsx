// What may happen to a piece next, as events: the likeliest first, ends without a sale behind one button.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState, type FormEvent } from "react";
import type { EventKind, Piece, Workshop } from "../../api/types";
import { EventDialog } from "../../kit/EventDialog";
import Alert from "@mui/material/Alert";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "../../kit/BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { api, ProblemError } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import { Row } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/flips";

export const EVENT_BUTTONS: Record<string, string> = {
  first_work: t("eventButtons.recordFirstWork"),
  ready: t("eventButtons.markReady"),
  listed: t("eventButtons.markListed"),
  price_changed: t("eventButtons.changeAskingPrice"),
  sold: t("eventButtons.recordSale"),
  kept: t("eventButtons.keepYourself"),
  given_away: t("eventButtons.giveAway"),
  scrapped: t("eventButtons.scrap"),
  parted_out: t("eventButtons.takeApartParts"),
  lost: t("eventButtons.lostStolen"),
  refunded: t("eventButtons.recordRefund"),
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
      <Row className="no-print" align="stretch" sx={{ mb: 3, ml: first ? 0 : -1 }}>
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
            {t("eventButtons.didntSell")}
          </Button>
        )}
      </Row>
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
          {t("eventButtons.splitIntoSeveralPieces")}
        </MenuItem>
      </Menu>
      {splitting && <SplitDialog piece={piece} workshop={workshop} onClose={() => setSplitting(false)} />}
      {dialog && (
        <EventDialog
          pieceId={piece.id}
          kind={dialog}
          submit={EVENT_BUTTONS[dialog] ?? t("eventButtons.record")}
          workshop={workshop}
          openSteps={piece.open_steps}
          onClose={() => setDialog(null)}
        />
      )}
    </>
  );
}

// One piece becomes several: what they are called, by which parts cost and hours pass on, and which stay in the house.
type Part = { name: string; weight: string; width: string; height: string; keep: boolean };
type Props = { piece: Piece; workshop: Workshop; onClose: () => void };

function SplitDialog({ piece, workshop, onClose }: Props) {
  const today = useWorkshop().data?.today.iso;
  const save = useSave();
  const [on, setOn] = useState(today ?? "");
  const [parts, setParts] = useState<Part[]>(
    ["left", "right"].map((side) => ({
      name: `${piece.fields.name}, ${side}`,
      weight: "1",
      width: "",
      height: "",
      keep: false,
    })),
  );
  const [problem, setProblem] = useState<string | null>(null);
  const change = (place: number, changes: Partial<Part>) =>
    setParts(parts.map((part, at) => (at === place ? { ...part, ...changes } : part)));
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    try {
      const path = { params: { path: { id: piece.id } } };
      await save(api.POST("/api/pieces/{id}/split", { ...path, body: { on, parts } }), (made) =>
        t("eventButtons.splitInto", { pieces: made.pieces.map((one) => one.ticket).join(t("eventButtons.and")) }),
      );
      onClose();
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error;
      setProblem(error.message);
    }
  };
  const unit = workshop.length_unit;
  return (
    <Dialog open onClose={onClose} maxWidth="md" aria-labelledby="split-dialog">
      <Box component="form" noValidate onSubmit={(event: FormEvent) => void submit(event)}>
        <DialogTitle id="split-dialog">{t("eventButtons.split", { fields: piece.fields.name })}</DialogTitle>
        <DialogContent>
          {problem && (
            <Alert severity="error" sx={{ mb: 2 }}>
              {problem}
            </Alert>
          )}
          <Box sx={{ mb: 1.5 }}>{t("eventButtons.costsHoursTripsDivided")}</Box>
          <Alert role="note" severity="warning" variant="outlined" sx={{ mb: 2, color: "text.primary" }}>
            {workshop.lists.cautions.saw}
          </Alert>
          <TextField
            label={t("eventButtons.date")}
            type="date"
            value={on}
            onChange={(event) => setOn(event.target.value)}
            slotProps={{ inputLabel: { shrink: true } }}
            sx={{ maxWidth: 180, mb: 2 }}
          />
          {parts.map((part, place) => (
            <Box
              key={place}
              role="group"
              aria-label={t("eventButtons.part", { place: place + 1 })}
              sx={{
                display: "grid",
                gridTemplateColumns: { xs: "1fr 1fr", sm: "2fr 70px 120px 120px 1.3fr" },
                gap: 1,
                mb: 1.5,
              }}
            >
              <TextField
                label={t("eventButtons.namePart", { place: place + 1 })}
                value={part.name}
                onChange={(event) => change(place, { name: event.target.value })}
                sx={{ gridColumn: { xs: "1 / -1", sm: "auto" } }}
              />
              <TextField
                label={t("eventButtons.share")}
                value={part.weight}
                onChange={(event) => change(place, { weight: event.target.value })}
              />
              <TextField
                label={t("eventButtons.width", { unit })}
                value={part.width}
                onChange={(event) => change(place, { width: event.target.value })}
              />
              <TextField
                label={t("eventButtons.height", { unit })}
                value={part.height}
                onChange={(event) => change(place, { height: event.target.value })}
              />
              <FormControlLabel
                control={<Checkbox checked={part.keep} onChange={(_, keep) => change(place, { keep })} />}
                label={t("eventButtons.imKeeping")}
              />
            </Box>
          ))}
          <Button onClick={() => setParts([...parts, { name: "", weight: "1", width: "", height: "", keep: false }])}>
            {t("eventButtons.addPart")}
          </Button>
          {parts.length > 2 && (
            <Button onClick={() => setParts(parts.slice(0, -1))}>{t("eventButtons.removePart")}</Button>
          )}
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2 }}>
          <Button onClick={onClose}>{t("eventButtons.cancel")}</Button>
          <Button type="submit" variant="contained">
            {t("eventButtons.split2")}
          </Button>
        </DialogActions>
      </Box>
    </Dialog>
  );
}
