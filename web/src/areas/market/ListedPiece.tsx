// A piece that is for sale: what is asked, since when, its next price step, offers to answer, and who holds it.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { Link } from "react-router";
import { api, ask } from "../../api/client";
import type { Market, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { EventDialog } from "../../kit/EventDialog";
import { FormDialog } from "../../kit/FormDialog";
import { PriceTape } from "../../kit/PriceTape";
import { OfferRow } from "./OfferRow";
import { PaymentDialog } from "./PaymentDialog";

type Row = Market["rows"][number];

export function ListedPiece({ row, workshop }: { row: Row; workshop: Workshop }) {
  const { currency } = workshop;
  const [asked, setAsked] = useState<"offer" | "hold" | "payment" | { sold: string } | null>(null);
  const { done, remove, failed } = useUndo();
  const path = { params: { path: { id: row.piece.id } } };
  const { next_step: step, hold } = row;
  const take = async (state: "done" | "skipped") => {
    if (!step) return;
    await ask(api.PATCH("/api/price-steps/{id}", { params: { path: { id: step.id } }, body: { state } }));
    done(
      state === "done"
        ? `${row.piece.name} is asked at ${step.asking?.text} now`
        : `Price step of ${row.piece.name} skipped`,
    );
  };
  const enquire = async () => {
    const made = await ask(api.POST("/api/pieces/{id}/offers", { ...path, body: {} }));
    done(`Enquiry about ${row.piece.name} counted`, () =>
      remove(api.DELETE("/api/offers/{id}", { params: { path: { id: made.id } } })),
    );
  };
  const facts = [
    row.days !== null &&
      `${row.days === 1 ? "1 day" : `${row.days} days`} listed${row.against ? ` (${row.against})` : ""}`,
    `${row.enquiries === 1 ? "1 enquiry" : `${row.enquiries} enquiries`}`,
    row.value && `the market pays about ${row.value.middle?.text} by now`,
    row.waiting && `waiting is worth ${row.waiting.worth?.text}`,
    row.floor && `floor ${row.floor.text}`,
  ];
  return (
    <Box
      component="li"
      data-listed={row.piece.id}
      sx={{ borderBottom: 1, borderColor: "divider", py: 1.25, breakInside: "avoid" }}
    >
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "center" }}>
        <Box sx={{ flex: "1 1 260px", minWidth: 0 }}>
          <Link to={`/pieces/${row.piece.id}/price`} style={{ fontWeight: 600 }}>
            {row.piece.name}
          </Link>
          <Box sx={{ color: "text.secondary" }}>
            {facts.filter(Boolean).join(" · ")}
            {" · "}
            <Link to={`/pieces/${row.piece.id}/listing`} aria-label={`Listing of ${row.piece.name}`}>
              listing
            </Link>
            {row.set && (
              <>
                {" · "}
                <Link to={`/floor/sets/${row.set.id}`}>{`goes with the set “${row.set.name}”`}</Link>
              </>
            )}
          </Box>
        </Box>
        <Box sx={{ minWidth: 110, textAlign: "right", fontWeight: 600, fontSize: 18 }}>
          {row.asking ? `${row.asking.text} ${currency}` : "no price"}
        </Box>
        <Box className="no-print" sx={{ display: "flex", flexWrap: "wrap" }}>
          <Button size="small" onClick={() => setAsked("offer")} aria-label={`Offer for ${row.piece.name}`}>
            Offer
          </Button>
          <Button
            size="small"
            onClick={() => void enquire().catch(failed)}
            aria-label={`Enquiry about ${row.piece.name}`}
          >
            Enquiry
          </Button>
          {!hold && (
            <Button size="small" onClick={() => setAsked("hold")} aria-label={`Hold ${row.piece.name}`}>
              Hold
            </Button>
          )}
          {!row.set && (
            <Button
              size="small"
              onClick={() => setAsked({ sold: hold?.price?.typed ?? row.asking?.typed ?? "" })}
              aria-label={`Sold: ${row.piece.name}`}
            >
              Sold
            </Button>
          )}
        </Box>
      </Box>
      <Box sx={{ mt: 1 }}>
        <PriceTape tape={row.tape} currency={currency} />
      </Box>
      {step && (
        <Box
          sx={{
            display: "flex",
            flexWrap: "wrap",
            gap: 1,
            alignItems: "center",
            color: step.due ? "warning.main" : "text.secondary",
          }}
        >
          {`${step.due ? "Price step due" : "Next price step"}: ${step.asking?.text} ${step.due ? "since" : "on"} ${step.due_on?.text}`}
          <Button
            size="small"
            className="no-print"
            onClick={() => void take("done").catch(failed)}
            aria-label={`Lower now: ${row.piece.name}`}
          >
            Lower now
          </Button>
          <Button
            size="small"
            color="inherit"
            className="no-print"
            onClick={() => void take("skipped").catch(failed)}
            aria-label={`Skip it: ${row.piece.name}`}
          >
            Skip it
          </Button>
        </Box>
      )}
      {hold && (
        <Alert severity="info" role="note" variant="outlined" sx={{ mt: 0.5, color: "text.primary" }}>
          {[
            `Held for ${hold.who}`,
            hold.price && `at ${hold.price.text}`,
            hold.deposit && `${hold.deposit.text} paid down`,
            hold.until_on && `until ${hold.until_on.text}`,
            (hold.pick_up_on || hold.pick_up) &&
              `fetched ${[hold.pick_up_on?.text, hold.pick_up].filter(Boolean).join(", ")}`,
            row.left && `${row.left.text} still to be paid`,
          ]
            .filter(Boolean)
            .join(", ")}
          {row.mixes.map((mix) => (
            <Box key={mix.id}>
              Touch-up before it goes: <Link to={`/shelf/mixes/${mix.id}`}>{mix.name}</Link>
            </Box>
          ))}
          <Button
            size="small"
            className="no-print"
            onClick={() => setAsked("payment")}
            aria-label={`Part payment for ${row.piece.name}`}
          >
            Part payment
          </Button>
          <Button
            size="small"
            className="no-print"
            onClick={() => void remove(api.DELETE("/api/holds/{id}", { params: { path: { id: hold.id } } }))}
            aria-label={`Release ${row.piece.name}`}
          >
            Release
          </Button>
        </Alert>
      )}
      {row.offers.map((offer) => (
        <OfferRow key={offer.id} offer={offer} name={row.piece.name} onSold={(sold) => setAsked({ sold })} />
      ))}
      {asked === "offer" && (
        <FormDialog
          title={`Offer for ${row.piece.name}`}
          submit="Weigh it"
          fields={[
            { name: "amount", label: "Offered", kind: "text", unit: currency, half: true },
            { name: "who", label: "By whom", kind: "text", half: true, help: "in your words" },
            { name: "note", label: "Note", kind: "text" },
          ]}
          onClose={() => setAsked(null)}
          onSubmit={async ({ amount = "", who = "", note = "" }) => {
            const made = await ask(api.POST("/api/pieces/{id}/offers", { ...path, body: { amount, who, note } }));
            done(`Offer of ${made.amount?.text ?? "nothing named"} noted`, () =>
              remove(api.DELETE("/api/offers/{id}", { params: { path: { id: made.id } } })),
            );
            setAsked(null);
          }}
        />
      )}
      {asked === "payment" && <PaymentDialog piece={row.piece} currency={currency} onClose={() => setAsked(null)} />}
      {asked === "hold" && (
        <FormDialog
          title={`Hold ${row.piece.name}`}
          submit="Hold it"
          fields={[
            { name: "who", label: "For whom", kind: "text" },
            { name: "price", label: "Agreed price", kind: "text", unit: currency, half: true },
            { name: "deposit", label: "Paid down", kind: "text", unit: currency, half: true },
            { name: "until_on", label: "Until", kind: "date", half: true },
            { name: "pick_up_on", label: "Fetched on", kind: "date", half: true },
            { name: "pick_up", label: "At what time, by whom", kind: "text" },
          ]}
          onClose={() => setAsked(null)}
          onSubmit={async ({ who = "", ...rest }) => {
            const made = await ask(api.POST("/api/pieces/{id}/holds", { ...path, body: { who, ...rest } }));
            done(`Held for ${made.who}`, () =>
              remove(api.DELETE("/api/holds/{id}", { params: { path: { id: made.id } } })),
            );
            setAsked(null);
          }}
        />
      )}
      {asked !== null && typeof asked === "object" && (
        <EventDialog
          pieceId={row.piece.id}
          kind="sold"
          submit="Record sale"
          title={`Record the sale of ${row.piece.name}`}
          workshop={workshop}
          start={{ price: asked.sold }}
          onClose={() => setAsked(null)}
        />
      )}
    </Box>
  );
}
