// The likely price for it and what that earns, read off the tape; once it has ended, whether it was worth it.
import Box from "@mui/material/Box";
import { Link } from "react-router";
import type { Piece } from "../../api/types";
import { PriceTape } from "../../kit/PriceTape";
import { WorthPart } from "./WorthPart";
import { Row } from "../../kit/layout";
import { t } from "../../locales/flips";

const TONE = { content: "primary.main", short: "warning.main", loss: "error.main" } as const;

export function MoneyPart({ piece, currency }: { piece: Piece; currency: string }) {
  const both = piece.need_and_fetch;
  return (
    <Box component="section" aria-label={t("moneyPart.price")} sx={{ borderTop: 2, pt: 1.25, mb: 3 }}>
      <WorthPart worth={piece.worth} />
      {!piece.strip.ended && (
        <Row wrap={false} gap={2} align="flex-start" sx={{ mb: 1 }}>
          <Box sx={{ flex: 1, fontSize: 18, fontWeight: 600, lineHeight: 1.35 }}>
            {both ? (
              <Box sx={{ borderLeft: 4, borderColor: TONE[both.state], pl: 1.5 }}>
                {both.sentences.map((sentence, place) => (
                  <Box key={sentence} sx={{ fontWeight: place === 0 ? 600 : 400, fontSize: place === 0 ? 18 : 16 }}>
                    {sentence}
                  </Box>
                ))}
              </Box>
            ) : (
              t("moneyPart.likelyPriceYet")
            )}
          </Box>
          <Link to={`/pieces/${piece.id}/price`} style={{ lineHeight: "44px", whiteSpace: "nowrap" }}>
            {t("moneyPart.setPrice")}
          </Link>
        </Row>
      )}
      <PriceTape tape={piece.tape} currency={currency} />
    </Box>
  );
}
