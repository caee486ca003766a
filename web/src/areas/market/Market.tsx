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

export default function Market() {
  const market = useMarket();
  const workshop = useWorkshop();
  if (market.error && !isKept(market)) return <Failure error={market.error} again={() => void market.refetch()} />;
  if (!market.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { rows, total, headline, likely, asked, times, profit_per_space_day: space, seasons, sold } = market.data;
  const currency = workshop.data.currency;
  const line = [
    `${asked?.text} ${currency} asked`,
    likely?.minor && `${likely.text} likely`,
    space && `each space earns ${space.text} a day`,
    total > rows.length && `the latest ${rows.length} of ${total} shown`,
  ];
  return (
    <>
      <PageHead
        title={headline}
        name="Market"
        line={
          rows.length
            ? line.filter(Boolean).join(" · ")
            : "Listed pieces stand here, with what is offered for them and what to answer."
        }
      />
      <SubNav name="Market" pages={MARKET_PAGES} />
      {rows.length === 0 ? (
        <Empty title="List your first piece">
          <span>Price a piece that is ready and list it from there; offers, price steps and holds follow here.</span>
          <Button variant="contained" component={Link} to="/floor">
            Choose a piece
          </Button>
        </Empty>
      ) : (
        <PlainList aria-label="For sale" sx={{ mb: 4, borderTop: 2, borderColor: "text.primary" }}>
          {rows.map((row) => (
            <ListedPiece key={row.piece.id} row={row} curves={times} workshop={workshop.data} />
          ))}
        </PlainList>
      )}
      {sold.length > 0 && (
        <Part title="Sold lately">
          <PlainList>
            {sold.map((row) => (
              <SoldPiece key={row.piece.id} row={row} currency={currency} />
            ))}
          </PlainList>
        </Part>
      )}
      <Part title="How long listings took">
        {seasons.map((note) => (
          <Typography key={note} sx={{ mb: 1 }}>
            {note}
          </Typography>
        ))}
        {times.length === 0 ? (
          <Typography sx={{ color: "text.secondary" }}>No piece has been listed yet.</Typography>
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
