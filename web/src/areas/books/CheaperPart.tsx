// Own sales over again with less asked.
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useCheaper } from "../../api/queries";
import { Part } from "../../kit/Part";
import { useBooksFilter } from "./useBooksFilter";
import { Assumed, Inputs, money } from "./whatIfWords";

export function CheaperPart({ currency }: { currency: string }) {
  const { filter } = useBooksFilter();
  const [less, setLess] = useState(10);
  const [quicker, setQuicker] = useState("");
  const answer = useCheaper(filter, less, quicker).data;
  return (
    <Part title="Had I asked less">
      <Inputs>
        <TextField
          select
          label="Asked less by"
          value={less}
          onChange={(event) => setLess(Number(event.target.value))}
          sx={{ width: 140 }}
        >
          {[5, 10, 15, 20, 30].map((percent) => (
            <MenuItem key={percent} value={percent}>{`${percent}%`}</MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Each percent saves, of the days"
          value={quicker}
          onChange={(event) => setQuicker(event.target.value)}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          sx={{ width: 260 }}
        >
          <MenuItem value="">as your listings say</MenuItem>
          {["0", "1", "2", "3", "4", "6"].map((percent) => (
            <MenuItem key={percent} value={percent}>{`${percent}%`}</MenuItem>
          ))}
        </TextField>
      </Inputs>
      {answer && (
        <Box role="status">
          {answer.n === 0 ? (
            <Typography sx={{ color: "text.secondary" }}>No sale to work again.</Typography>
          ) : (
            <>
              <Typography>
                {`Over ${answer.n} sales ${money(answer.lost, currency)} less taken home, and ${answer.days} days on the market saved. `}
                {answer.net ? (
                  <>
                    {`Each space earns ${answer.profit_per_space_day?.text} a day, so these days are worth ${answer.won?.text}: `}
                    <b>{`${answer.net.minor >= 0 ? "+" : ""}${money(answer.net, currency)}`}</b>
                    {" in all."}
                  </>
                ) : (
                  "What a saved day is worth is not known: too few sales say what a space earns."
                )}
              </Typography>
              {answer.needed && (
                <Typography>{`It pays from ${answer.needed} of the days saved for each percent on.`}</Typography>
              )}
              <Assumed lines={answer.assumes} />
            </>
          )}
        </Box>
      )}
    </Part>
  );
}
