// What a piece fetches and what it needs, side by side: the market's range with who says so, and the price that brings
// most.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Pricing } from "../../api/types";
import { Part } from "../../kit/Part";
import { PriceTape } from "../../kit/PriceTape";
import { SmallTable } from "../../kit/SmallTable";
import { CurveChart } from "./CurveChart";

interface Props {
  pricing: Pricing;
  currency: string;
  unit: number;
  onChoose: (typed: string) => void;
}

const TONE = { content: "primary.main", short: "warning.main", loss: "error.main" } as const;

export function FetchPart({ pricing, currency, unit, onChoose }: Props) {
  const { value, best, curve, need_and_fetch: both, from_here: ways } = pricing;
  const [table, setTable] = useState(false);
  if (!value || !best)
    return (
      <Part title="What it fetches">
        <Typography sx={{ color: "text.secondary" }}>
          Nothing tells it yet: give the piece a kind, look up below what others ask, or say what you expect it to
          bring.
        </Typography>
        <Box sx={{ mt: 2 }}>
          <PriceTape tape={pricing.tape} currency={currency} />
        </Box>
      </Part>
    );
  const weighed = pricing.at?.price?.minor ?? null;
  return (
    <Part title="What it fetches, what you need">
      {both && (
        <Box sx={{ borderLeft: 4, borderColor: TONE[both.state], pl: 1.5, mb: 2, fontSize: 18, lineHeight: 1.4 }}>
          {both.sentences.map((sentence) => (
            <Box key={sentence}>{sentence}</Box>
          ))}
        </Box>
      )}
      <Box sx={{ mb: 2 }}>
        <PriceTape tape={pricing.tape} currency={currency} />
      </Box>
      {ways.length > 0 && (
        <SmallTable
          label="What would change it"
          width={720}
          columns={["From here on", [`Brings, ${currency}`], ["Work"], ["An hour"], "Why"]}
          rows={ways.map((way) => ({
            key: way.label,
            cells: [
              way.label,
              way.brings?.text,
              way.effort?.seconds ? way.effort.text : "none",
              way.pay?.text ?? "–",
              way.why ?? "",
            ],
          }))}
        />
      )}
      <Typography component="p" sx={{ mt: 2, mb: 1, fontSize: 17 }}>
        {`Ask ${best.price?.text}: it brings ${best.money?.text} in about ${best.days} days on average, sold within 30 days ${best.within30} times in 100, within 90 days ${best.within90}.`}
        {best.flat && ` ${best.flat}, but no more than the market's upper end is advised.`}
      </Typography>
      <CurveChart
        points={curve}
        best={best.price?.minor ?? 0}
        weighed={weighed}
        unit={unit}
        currency={currency}
        onChoose={onChoose}
      />
      <Button size="small" aria-expanded={table} onClick={() => setTable(!table)}>
        {table ? "Hide the table" : "Show the curve as a table"}
      </Button>
      {table && (
        <SmallTable
          label="What comes of each price"
          columns={[
            [`Asked, ${currency}`],
            ["Brings"],
            ["Days"],
            ["Within 30 days"],
            ["Within 90"],
            ["Profit"],
            ["An hour"],
            ["Less its days"],
          ]}
          rows={curve.map((point) => ({
            key: point.price?.minor ?? 0,
            strong: point.price?.minor === best.price?.minor,
            cells: [
              point.price?.text,
              point.money?.text,
              String(point.days),
              `${point.within30}%`,
              `${point.within90}%`,
              point.profit?.text ?? "–",
              point.hourly?.text ?? "–",
              point.worth?.text,
            ],
          }))}
        />
      )}
      <Typography component="h3" sx={{ fontWeight: 600, mt: 2 }}>
        Who says so
      </Typography>
      <Typography sx={{ mb: 1 }}>{`${value.sentence}.`}</Typography>
      <SmallTable
        label="Who says what it is worth"
        width={760}
        columns={["Source", ["Weight"], [`Says, ${currency} to ask`], "It rests on"]}
        rows={value.sources.map((source) => ({
          key: source.key,
          cells: [source.label, `${source.share}%`, source.says?.text ?? "–", source.words],
        }))}
      />
      <Typography variant="caption" component="p" sx={{ mt: 1, color: "text.secondary" }}>
        {`Its value is the price asked at which half of such pieces are sold within 21 days: ${value.asked?.text}. ${value.got}. A day on the market costs ${value.day.worth?.text}: ${value.day.why}. Here ${value.slope}.`}
        {!value.current && " What you changed last is being worked in; the figures follow in a moment."}
      </Typography>
    </Part>
  );
}
