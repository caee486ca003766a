// What is for sale: days, offers with what to answer, price steps due, holds; and how long listings took.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { useMarket, useWorkshop } from "../../api/queries";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { MARKET_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { ListedPiece } from "./ListedPiece";
import { SoldPiece } from "./SoldPiece";
import { UnsoldCurve } from "./UnsoldCurve";
import { PlainList } from "../../kit/layout";
import { t } from "../../locales/market";

export default function Market() {
  const market = useMarket();
  const workshop = useWorkshop();
  if (market.error && !isKept(market)) return <Failure error={market.error} again={() => void market.refetch()} />;
  if (!market.data || !workshop.data) return <LinearProgress aria-label={t("market.loading")} />;
  const { rows, total, headline, likely, asked, times, profit_per_space_day: space, seasons, sold } = market.data;
  const currency = workshop.data.symbol;
  const line = [
    t("market.asked", { asked: asked?.text, currency }),
    likely?.minor && t("market.likely", { likely: likely.text }),
    space && t("market.eachSpaceEarnsDay", { space: space.text }),
    total > rows.length && t("market.latestShown", { count: rows.length, total }),
  ];
  return (
    <>
      <PageHead
        title={headline}
        name={t("market.market")}
        line={rows.length ? line.filter(Boolean).join(" · ") : t("market.piecesSellingOffersHow")}
      />
      <SubNav name={t("market.market")} pages={MARKET_PAGES} />
      {rows.length === 0 ? (
        <Empty title={t("market.listFirstPiece")}>
          <span>{t("market.setPricePieceThats")}</span>
          <Button variant="contained" component={Link} to="/floor">
            {t("market.choosePiece")}
          </Button>
        </Empty>
      ) : (
        <PlainList aria-label={t("market.sale")} sx={{ mb: 4, borderTop: 2, borderColor: "text.primary" }}>
          {rows.map((row) => (
            <ListedPiece key={row.piece.id} row={row} curves={times} workshop={workshop.data} />
          ))}
        </PlainList>
      )}
      {sold.length > 0 && (
        <Part title={t("market.recentlySold")}>
          <PlainList>
            {sold.map((row) => (
              <SoldPiece key={row.piece.id} row={row} currency={currency} />
            ))}
          </PlainList>
        </Part>
      )}
      <Part title={t("market.howLongTookSell")}>
        {seasons.map((note) => (
          <Typography key={note} sx={{ mb: 1 }}>
            {note}
          </Typography>
        ))}
        {times.length === 0 ? (
          <Typography sx={{ color: "text.secondary" }}>{t("market.nothingListedYet")}</Typography>
        ) : (
          <Box sx={{ display: "grid", gridTemplateColumns: { sm: "1fr 1fr" }, columnGap: 4, rowGap: 2 }}>
            {times.map((one) => (
              <UnsoldCurve key={one.kind} time={one} />
            ))}
          </Box>
        )}
      </Part>
    </>
  );
}
