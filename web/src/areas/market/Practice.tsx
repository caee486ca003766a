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
const VERDICTS: Record<string, string> = { take: "Take it", counter: "Counter", decline: "Decline" };

function PracticeMessage({ id, seed, message, currency, over, onSold }: Props) {
  const { day, who, advice, amount } = message;
  const [counter, setCounter] = useState(advice?.counter?.typed ?? "");
  const [answer, setAnswer] = useState<string | null>(null);
  const send = async () => {
    const reply = await ask(
      api.GET("/api/pieces/{id}/practice/counter", { params: { path: { id }, query: { seed, day, who, counter } } }),
    );
    if (reply.taken) onSold(reply.counter?.text ?? counter);
    else setAnswer(`${who}: “That is too much for me.”`);
  };
  return (
    <Box sx={{ borderBottom: 1, borderColor: "divider", py: 1 }}>
      <Typography>
        <Quiet component="span">{`Day ${day} · `}</Quiet>
        <b>{who}</b>
        {message.kind === "gone" ? ` ${message.text[0]?.toLowerCase()}${message.text.slice(1)}` : `: “${message.text}”`}
      </Typography>
      {amount && !answer && !over && (
        <>
          {advice && (
            <Typography sx={{ color: "text.secondary" }}>
              {`Advice: ${VERDICTS[advice.verdict]}${advice.counter ? ` at ${advice.counter.text}` : ""}. ${advice.why}`}
            </Typography>
          )}
          <Row sx={{ mt: 0.5 }}>
            <Button
              size="small"
              variant="outlined"
              onClick={() => onSold(amount.text)}
              aria-label={`Take ${who}'s ${amount.text}`}
            >
              Take
            </Button>
            <TextField
              size="small"
              label={`Counter, ${currency}`}
              value={counter}
              onChange={(event) => setCounter(event.target.value)}
              sx={{ width: 140 }}
            />
            <Button
              size="small"
              onClick={() => void send().catch((error: Error) => setAnswer(error.message))}
              aria-label={`Send ${who} the counter`}
            >
              Send
            </Button>
            <Button
              size="small"
              color="inherit"
              onClick={() => setAnswer(`You declined. ${who} is gone.`)}
              aria-label={`Decline ${who}`}
            >
              Decline
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
  if (!market.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const currency = workshop.data.currency;
  const start = (piece: number | null, again: number) => {
    setChosen(piece);
    setSeed(again);
    setDay(1);
    setSold(null);
  };
  const messages = game.data?.messages ?? [];
  return (
    <>
      <PageHead title="Practice" line="Play at selling before it counts." />
      <SubNav name="Market" pages={MARKET_PAGES} />
      <Alert severity="info" role="note" variant="outlined" sx={{ mb: 2, color: "text.primary" }}>
        A simulated market that ships with Kohlrabi. Its buyers are invented, nothing is recorded, and nothing here says
        what your market will do.
      </Alert>
      {priced.length === 0 ? (
        <Empty title="Nothing to practise with">
          <span>
            List a piece with a price first. See <Link to="/market">what is for sale</Link>.
          </span>
        </Empty>
      ) : (
        <>
          <Row gap={2} sx={{ mb: 2 }}>
            <TextField
              select
              label="Piece"
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
            <Typography sx={{ fontWeight: 600 }}>{`Day ${day}`}</Typography>
            <Button variant="contained" disabled={sold !== null || day >= 120} onClick={() => setDay(day + 1)}>
              Next day
            </Button>
            <Button onClick={() => start(id, seed + 1)}>Start over with other buyers</Button>
          </Row>
          {game.error && <Alert severity="error">{game.error.message}</Alert>}
          {sold && (
            <Alert severity="success" sx={{ mb: 2 }}>
              {sold}
            </Alert>
          )}
          <Part title="Messages">
            {messages.length === 0 && (
              <Typography sx={{ color: "text.secondary" }}>Nobody has written yet. Let a day pass.</Typography>
            )}
            {[...messages].reverse().map((message) => (
              <PracticeMessage
                key={`${seed}-${message.day}-${message.who}-${message.text}`}
                id={id ?? 0}
                seed={seed}
                message={message}
                currency={currency}
                over={sold !== null}
                onSold={(price) =>
                  setSold(`Sold to ${message.who} for ${price} ${currency} on day ${day}, in practice.`)
                }
              />
            ))}
          </Part>
        </>
      )}
    </>
  );
}
