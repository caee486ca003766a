// What a listed piece wants today: one sentence, the button that does it, and all else in the menu.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, ask, undoOf } from "../../api/client";
import { RowMenu } from "../../kit/RowMenu";
import { useUndo } from "../../kit/session/undo";
import { useTell } from "../../kit/session/useTell";
import type { Asked } from "./ListedDialogs";
import type { MarketRow } from "./ListedPiece";
import { useAnswer } from "./useAnswer";
import { Row } from "../../kit/layout";
import { t } from "../../locales/market";

const LONG = 70; // letters

export function AdvicePart({ row, onAsk }: { row: MarketRow; onAsk: (asked: Asked) => void }) {
  const { advice, piece, hold, next_step: step } = row;
  const { done, remove, failed } = useUndo();
  const tell = useTell();
  const [open, setOpen] = useState(false);
  const navigate = useNavigate();
  const answer = useAnswer();
  const path = { params: { path: { id: piece.id } } };
  const amount = advice.amount?.text ?? "";
  const typed = advice.amount?.typed ?? "";
  const settle = async (state: "done" | "skipped") => {
    if (!step) return;
    await ask(api.PATCH("/api/price-steps/{id}", { params: { path: { id: step.id } }, body: { state } }));
    done(
      state === "done"
        ? t("advicePart.nowCosts", { piece: piece.name, asking: step.asking?.text })
        : t("advicePart.dropSkipped", { asking: step.asking?.text, piece: piece.name }),
    );
  };
  const enquire = async () => {
    await tell(
      { what: t("advicePart.addMessageAbout", { piece: piece.name }) },
      (how) => api.POST("/api/pieces/{id}/offers", { ...path, body: {}, ...how }),
      (made) => done(t("advicePart.messageAboutCounted", { piece: piece.name }), undoOf(made)),
    );
  };
  const reply = (body: Parameters<typeof answer>[1]) => () => void answer(advice.id ?? 0, body, amount).catch(failed);
  const main: Record<string, [string, () => void] | undefined> = {
    pick_up: [t("advicePart.pickedUp"), () => onAsk({ sold: typed })],
    record_sale: [t("advicePart.recordSale"), () => onAsk({ sold: typed })],
    take: [t("advicePart.accept", { amount }), reply({ answer: "taken" })],
    counter: [t("advicePart.counter", { amount }), reply({ answer: "countered", counter: typed })],
    decline: [t("advicePart.decline", { amount }), reply({ answer: "declined" })],
    lower: [t("advicePart.lower", { amount }), () => void settle("done").catch(failed)],
    price: [t("advicePart.setPrice"), () => void navigate(`/pieces/${piece.id}/price`)],
  };
  const first = main[advice.action];
  const why = advice.why ?? "";
  // Of a long reason only the first sentence shows until somebody asks for more.
  const [short = "", ...rest] = why.length > LONG ? why.split(/(?<=\.) /) : [why];
  return (
    <Box data-advice={advice.action}>
      <Box sx={{ fontWeight: 600, fontSize: 17, color: first ? "text.primary" : "text.secondary" }}>
        {advice.headline}
      </Box>
      <Box sx={{ color: "text.secondary", fontSize: 15 }}>
        {open ? why : short}{" "}
        {rest.length > 0 && (
          <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)} sx={{ minWidth: 0, py: 0 }}>
            {open ? t("advicePart.showLess") : t("advicePart.showWhy")}
          </Button>
        )}
      </Box>
      <Row className="no-print" gap={0.5} sx={{ mt: 0.5 }}>
        {first && (
          <Button variant="contained" color="secondary" onClick={first[1]} aria-label={`${first[0]}: ${piece.name}`}>
            {first[0]}
          </Button>
        )}
        <Button
          onClick={() => void enquire().catch(failed)}
          aria-label={t("advicePart.addMessageAbout", { piece: piece.name })}
        >
          {t("advicePart.addMessage")}
        </Button>
        <RowMenu
          name={piece.name}
          actions={[
            { label: t("advicePart.addOffer"), run: () => onAsk("offer") },
            step && advice.action !== "lower"
              ? {
                  label: t("advicePart.lowerNow", { asking: step.asking?.text }),
                  run: () => void settle("done").catch(failed),
                }
              : null,
            step && { label: t("advicePart.skipDrop"), run: () => void settle("skipped").catch(failed) },
            !hold && { label: t("advicePart.reserve"), run: () => onAsk("hold") },
            hold && { label: t("advicePart.addDeposit"), run: () => onAsk("payment") },
            hold && {
              label: t("advicePart.endHold", { who: hold.who }),
              run: () => void remove(api.DELETE("/api/holds/{id}", { params: { path: { id: hold.id } } })),
            },
            !row.set && {
              label: t("advicePart.recordSale2"),
              run: () => onAsk({ sold: hold?.price?.typed ?? row.asking?.typed ?? "" }),
            },
            { label: t("advicePart.reviewPrice"), to: `/pieces/${piece.id}/price` },
            { label: t("advicePart.ad"), to: `/pieces/${piece.id}/listing` },
          ]}
        />
      </Row>
    </Box>
  );
}
