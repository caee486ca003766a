// An offer: what it is worth against waiting, and what was answered.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { api, ask } from "../../api/client";
import type { Offer } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";

const VERDICTS = { take: "Take it", counter: "Counter", decline: "Decline" } as const;
const COLOURS = { take: "success.main", counter: "warning.main", decline: "error.main" } as const;

type Props = { offer: Offer; name: string; onSold: (price: string) => void };

export function OfferRow({ offer, name, onSold }: Props) {
  const [countering, setCountering] = useState(false);
  const { done, remove, failed } = useUndo();
  const path = { params: { path: { id: offer.id } } };
  const label = `${offer.amount?.text} for ${name}`;
  const answer = async (body: { answer: "open" | "taken" | "countered" | "declined"; counter?: string }) => {
    await ask(api.PATCH("/api/offers/{id}", { ...path, body }));
    done(`Offer of ${offer.amount?.text} ${body.answer}`, () =>
      ask(api.PATCH("/api/offers/{id}", { ...path, body: { answer: "open", counter: "" } })),
    );
  };
  const { advice } = offer;
  // The answer that is advised stands out; the others stay at hand.
  const weight = (verdict: string) => (advice?.verdict === verdict ? "contained" : "text");
  return (
    <Box sx={{ pl: { sm: 3 }, py: 0.75 }} data-offer={offer.id}>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 1.5, alignItems: "center" }}>
        <b>{offer.amount?.text}</b>
        <Box component="span" sx={{ color: "text.secondary" }}>
          {[offer.who, offer.made_on?.text, offer.note].filter(Boolean).join(", ")}
        </Box>
        {advice ? (
          <Box component="span" sx={{ fontWeight: 600, color: COLOURS[advice.verdict] }}>
            {`${VERDICTS[advice.verdict]}${advice.counter ? ` at ${advice.counter.text}` : ""}`}
          </Box>
        ) : (
          <span>{`${offer.answer}${offer.counter ? ` at ${offer.counter.text}` : ""}`}</span>
        )}
        <Box className="no-print" sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          {offer.answer === "open" ? (
            <>
              <Button
                size="small"
                variant={weight("take")}
                onClick={() => void answer({ answer: "taken" }).catch(failed)}
                aria-label={`Taken: ${label}`}
              >
                Taken
              </Button>
              <Button
                size="small"
                variant={weight("counter")}
                onClick={() => setCountering(true)}
                aria-label={`Countered…: ${label}`}
              >
                Countered…
              </Button>
              <Button
                size="small"
                variant={weight("decline")}
                onClick={() => void answer({ answer: "declined" }).catch(failed)}
                aria-label={`Declined: ${label}`}
              >
                Declined
              </Button>
            </>
          ) : (
            offer.answer === "taken" && (
              <Button
                size="small"
                onClick={() => onSold(offer.amount?.typed ?? "")}
                aria-label={`Record the sale: ${label}`}
              >
                Record the sale
              </Button>
            )
          )}
          <Button
            size="small"
            color="inherit"
            onClick={() => void remove(api.DELETE("/api/offers/{id}", path))}
            aria-label={`Remove the offer: ${label}`}
          >
            Remove
          </Button>
        </Box>
      </Box>
      <Box sx={{ color: "text.secondary" }}>{advice ? [advice.why, ...advice.warnings].join(" ") : offer.then}</Box>
      {countering && (
        <FormDialog
          title="What you ask instead"
          submit="Countered"
          fields={[{ name: "counter", label: "Counter", kind: "text", half: true }]}
          initial={{ counter: advice?.counter?.typed ?? "" }}
          onClose={() => setCountering(false)}
          onSubmit={async ({ counter = "" }) => {
            await answer({ answer: "countered", counter });
            setCountering(false);
          }}
        />
      )}
    </Box>
  );
}
