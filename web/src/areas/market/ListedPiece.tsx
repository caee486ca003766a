// A piece that is for sale: its face, how long such take, what is asked, offered and paid on the tape, and the one
// thing it wants today.
import Box from "@mui/material/Box";
import { useState } from "react";
import { Link } from "react-router";
import type { Market, Workshop } from "../../api/types";
import { Drawing } from "../../kit/Drawing";
import { PriceTape } from "../../kit/PriceTape";
import { AdvicePart } from "./AdvicePart";
import { type Asked, ListedDialogs } from "./ListedDialogs";
import { OfferRow } from "./OfferRow";
import { StandsOnCurve } from "./StandsOnCurve";
import { Quiet } from "../../kit/layout";
import { t } from "../../locales/market";

export type MarketRow = Market["rows"][number];
type Props = { row: MarketRow; curves: Market["times"]; workshop: Workshop };

export function ListedPiece({ row, curves, workshop }: Props) {
  const [asked, setAsked] = useState<Asked>(null);
  const { symbol: currency } = workshop;
  const { piece, days, hold } = row;
  const curve = curves.find((one) => one.kind === row.curve_of);
  const facts = [
    days !== null && t("listedPiece.days", { count: days }),
    t("listedPiece.messages", { count: row.enquiries }),
    !hold &&
      row.expected &&
      row.expected_days !== null &&
      t("listedPiece.likelyDays", { expected: row.expected.text, expecteddays: row.expected_days }),
    hold && t("listedPiece.reserved", { who: hold.who }),
    hold?.deposit && t("listedPiece.paid", { deposit: hold.deposit.text }),
    row.left && t("listedPiece.stillPay", { left: row.left.text }),
  ].filter(Boolean);
  return (
    <Box
      component="li"
      data-listed={piece.id}
      sx={{ borderBottom: 1, borderColor: "divider", py: 1.75, breakInside: "avoid" }}
    >
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "84px minmax(0, 1fr)", md: "92px minmax(0, 210px) minmax(0, 1fr) 262px" },
          columnGap: 2.5,
          rowGap: 1,
          alignItems: "center",
        }}
      >
        <Drawing shape={row.drawing} width={84} height={72} />
        <Box sx={{ minWidth: 0 }}>
          <Link to={`/pieces/${piece.id}`} style={{ fontWeight: 600, fontSize: 17 }}>
            {piece.name}
          </Link>
          <Quiet>{facts.join(" · ")}</Quiet>
          {row.set && (
            <Box>
              {t("listedPiece.sold")} <Link to={`/floor/sets/${row.set.id}`}>{row.set.name}</Link>
            </Box>
          )}
          {curve && days !== null && <StandsOnCurve curve={curve} days={days} against={row.against} />}
        </Box>
        <Box sx={{ gridColumn: { xs: "1 / -1", md: "auto" }, minWidth: 0 }}>
          <PriceTape tape={row.tape} currency={currency} />
        </Box>
        <Box sx={{ gridColumn: { xs: "1 / -1", md: "auto" } }}>
          <AdvicePart row={row} onAsk={setAsked} />
        </Box>
      </Box>
      {row.mixes.length > 0 && (
        <Quiet>
          {t("listedPiece.touchUpBeforeGoes")}
          {row.mixes.map((mix) => (
            <Link key={mix.id} to={`/shelf/mixes/${mix.id}`}>
              {mix.name}
            </Link>
          ))}
        </Quiet>
      )}
      {row.offers.map((offer) => (
        <OfferRow
          key={offer.id}
          offer={offer}
          name={piece.name}
          told={offer.id === row.advice.id && offer.answer === "open"}
          onSold={(sold) => setAsked({ sold })}
        />
      ))}
      <ListedDialogs asked={asked} row={row} workshop={workshop} onClose={() => setAsked(null)} />
    </Box>
  );
}
