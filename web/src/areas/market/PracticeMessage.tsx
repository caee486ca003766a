// What an invented buyer wrote, what there would be to answer, and what he says to it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, ask } from "../../api/client";
import type { usePractice } from "../../api/queries";

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

export function PracticeMessage({ id, seed, message, currency, over, onSold }: Props) {
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
        <Box component="span" sx={{ color: "text.secondary" }}>{`Day ${day} · `}</Box>
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
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center", mt: 0.5 }}>
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
          </Box>
        </>
      )}
      {answer && <Typography role="status">{answer}</Typography>}
    </Box>
  );
}
