// The market played for practice: invented buyers write about a listed piece, and one answers. Nothing of it is
// recorded.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import { useMarket, usePractice, useWorkshop } from "../../api/queries";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { MARKET_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { api, ask } from "../../api/client";
import { Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/market";

// What an invented buyer wrote, what there would be to answer, and what he says to it.
type Message = NonNullable<ReturnType<typeof usePractice>["data"]>["messages"][number];
type Props = {
  id: number;
  seed: number;
  message: Message;
  currency: string;
  over: boolean;
  onSold: (price: string) => void;
};
const VERDICTS: Record<string, string> = {
  take: t("practice.accept"),
  counter: t("practice.counter"),
  decline: t("practice.decline"),
};

function PracticeMessage({ id, seed, message, currency, over, onSold }: Props) {
  const { day, who, advice, amount } = message;
  const [counter, setCounter] = useState(advice?.counter?.typed ?? "");
  const [answer, setAnswer] = useState<string | null>(null);
  const send = async () => {
    const reply = await ask(
      api.GET("/api/pieces/{id}/practice/counter", { params: { path: { id }, query: { seed, day, who, counter } } }),
    );
    if (reply.taken) onSold(reply.counter?.text ?? counter);
    else setAnswer(t("practice.thatsTooMuchMe", { who }));
  };
  return (
    <Box sx={{ borderBottom: 1, borderColor: "divider", py: 1 }}>
      <Typography>
        <Quiet component="span">{t("practice.day", { day })}</Quiet>
        <b>{who}</b>
        {message.kind === "gone" ? ` ${message.text[0]?.toLowerCase()}${message.text.slice(1)}` : `: “${message.text}”`}
      </Typography>
      {amount && !answer && !over && (
        <>
          {advice && (
            <Typography sx={{ color: "text.secondary" }}>
              {t("practice.advice", {
                verdict: VERDICTS[advice.verdict],
                more: advice.counter ? t("practice.at", { counter: advice.counter.text }) : "",
                why: advice.why,
              })}
            </Typography>
          )}
          <Row sx={{ mt: 0.5 }}>
            <Button
              size="small"
              variant="outlined"
              onClick={() => onSold(amount.text)}
              aria-label={t("practice.acceptS", { who, amount: amount.text })}
            >
              {t("practice.accept2")}
            </Button>
            <TextField
              size="small"
              label={t("practice.counter2", { currency })}
              value={counter}
              onChange={(event) => setCounter(event.target.value)}
              sx={{ width: 140 }}
            />
            <Button
              size="small"
              onClick={() => void send().catch((error: Error) => setAnswer(error.message))}
              aria-label={t("practice.sendCounter", { who })}
            >
              {t("practice.send")}
            </Button>
            <Button
              size="small"
              color="inherit"
              onClick={() => setAnswer(t("practice.declinedLeft", { who }))}
              aria-label={t("practice.decline2", { who })}
            >
              {t("practice.decline")}
            </Button>
          </Row>
        </>
      )}
      {answer && <Typography role="status">{answer}</Typography>}
    </Box>
  );
}

export default function Practice() {
  const market = useMarket();
  const workshop = useWorkshop();
  const [chosen, setChosen] = useState<number | null>(null);
  const [seed, setSeed] = useState(1);
  const [day, setDay] = useState(1);
  const [sold, setSold] = useState<string | null>(null);
  const priced = market.data?.rows.filter((row) => row.asking) ?? [];
  const id = chosen ?? priced[0]?.piece.id ?? null;
  const game = usePractice(id, seed, day);
  if (market.error && !isKept(market)) return <Failure error={market.error} again={() => void market.refetch()} />;
  if (!market.data || !workshop.data) return <LinearProgress aria-label={t("practice.loading")} />;
  const currency = workshop.data.symbol;
  const start = (piece: number | null, again: number) => {
    setChosen(piece);
    setSeed(again);
    setDay(1);
    setSold(null);
  };
  const messages = game.data?.messages ?? [];
  return (
    <>
      <PageHead title={t("practice.practice")} line={t("practice.practiceSellingMadeUp")} />
      <SubNav name={t("practice.market")} pages={MARKET_PAGES} />
      <Alert severity="info" role="note" variant="outlined" sx={{ mb: 2, color: "text.primary" }}>
        {t("practice.simulatedMarketBuyersMade")}
      </Alert>
      {priced.length === 0 ? (
        <Empty title={t("practice.nothingPractice")}>
          <span>
            {t("practice.listPiecePriceFirst")} <Link to="/market">{t("practice.whatsSale")}</Link>.
          </span>
        </Empty>
      ) : (
        <>
          <Row gap={2} sx={{ mb: 2 }}>
            <TextField
              select
              label={t("practice.piece")}
              value={id ?? ""}
              onChange={(event) => start(Number(event.target.value), seed)}
              sx={{ minWidth: 240 }}
            >
              {priced.map((row) => (
                <MenuItem key={row.piece.id} value={row.piece.id}>
                  {`${row.piece.name}, ${row.asking?.text}`}
                </MenuItem>
              ))}
            </TextField>
            <Typography sx={{ fontWeight: 600 }}>{t("practice.day2", { day })}</Typography>
            <Button variant="contained" disabled={sold !== null || day >= 120} onClick={() => setDay(day + 1)}>
              {t("practice.nextDay")}
            </Button>
            <Button onClick={() => start(id, seed + 1)}>{t("practice.startOverNewBuyers")}</Button>
          </Row>
          {game.error && <Alert severity="error">{game.error.message}</Alert>}
          {sold && (
            <Alert severity="success" sx={{ mb: 2 }}>
              {sold}
            </Alert>
          )}
          <Part title={t("practice.messages")}>
            {messages.length === 0 && (
              <Typography sx={{ color: "text.secondary" }}>{t("practice.messagesYetGoNext")}</Typography>
            )}
            {[...messages].reverse().map((message) => (
              <PracticeMessage
                key={`${seed}-${message.day}-${message.who}-${message.text}`}
                id={id ?? 0}
                seed={seed}
                message={message}
                currency={currency}
                over={sold !== null}
                onSold={(price) => setSold(t("practice.soldDayPractice", { who: message.who, price, currency, day }))}
              />
            ))}
          </Part>
        </>
      )}
    </>
  );
}
