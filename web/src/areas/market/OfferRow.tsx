// An offer: what it is worth against waiting, what was answered, and in its menu what may be answered.
import Box from "@mui/material/Box";
import { useState } from "react";
import { api } from "../../api/client";
import type { Offer } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";
import { RowMenu } from "../../kit/RowMenu";
import { type Reply, useAnswer } from "./useAnswer";
import { Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/market";

const VERDICTS = { take: t("offerRow.accept"), counter: "counter", decline: "decline" } as const;

// told: its row says already what it is worth.
type Props = { offer: Offer; name: string; told: boolean; onSold: (price: string) => void };

export function OfferRow({ offer, name, told, onSold }: Props) {
  const [countering, setCountering] = useState(false);
  const { remove, failed } = useUndo();
  const answer = useAnswer();
  const amount = offer.amount?.text ?? "";
  const { advice } = offer;
  const open = offer.answer === "open";
  const reply = (body: Reply) => () => void answer(offer.id, body, amount).catch(failed);
  return (
    <Row data-offer={offer.id} wrap={false} align="flex-start" sx={{ pl: { md: 14 }, pt: 0.5 }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Box>
          <b>{t("offerRow.offered", { amount })}</b>
          <Quiet component="span">
            {[offer.who, offer.made_on?.text, offer.note].filter(Boolean).map((text) => ` · ${text}`)}
            {advice
              ? t("offerRow.advice", {
                  verdict: VERDICTS[advice.verdict],
                  more: advice.counter ? t("offerRow.at", { counter: advice.counter.text }) : "",
                })
              : ` · ${offer.answer}${offer.counter ? t("offerRow.at", { counter: offer.counter.text }) : ""}`}
          </Quiet>
        </Box>
        <Box sx={{ color: "text.secondary", fontSize: 15 }}>
          {told ? advice?.warnings.join(" ") : advice ? [advice.why, ...advice.warnings].join(" ") : offer.then}
        </Box>
      </Box>
      <RowMenu
        name={`${amount} for ${name}`}
        actions={[
          open && { label: t("offerRow.accepted"), run: reply({ answer: "taken" }) },
          open && { label: t("offerRow.counter"), run: () => setCountering(true) },
          open && { label: t("offerRow.declined"), run: reply({ answer: "declined" }) },
          offer.answer === "taken" && { label: t("offerRow.recordSale"), run: () => onSold(offer.amount?.typed ?? "") },
          {
            label: t("offerRow.removeOffer"),
            run: () => void remove(api.DELETE("/api/offers/{id}", { params: { path: { id: offer.id } } })),
          },
        ]}
      />
      {countering && (
        <FormDialog
          title={t("offerRow.counteroffer")}
          submit={t("offerRow.saveCounter")}
          fields={[{ name: "counter", label: t("offerRow.counter2"), kind: "text", half: true }]}
          initial={{ counter: advice?.counter?.typed ?? "" }}
          onClose={() => setCountering(false)}
          onSubmit={async ({ counter = "" }) => {
            await answer(offer.id, { answer: "countered", counter }, amount);
            setCountering(false);
          }}
        />
      )}
    </Row>
  );
}
