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
import { t } from "../../locales/market";

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
      <Part title={t("fetchPart.likelyPrice")}>
        <Typography sx={{ color: "text.secondary" }}>{t("fetchPart.likelyPriceYetSay")}</Typography>
        <Box sx={{ mt: 2 }}>
          <PriceTape tape={pricing.tape} currency={currency} />
        </Box>
      </Part>
    );
  const weighed = pricing.at?.price?.minor ?? null;
  return (
    <Part title={t("fetchPart.likelyPriceWhatNeed")}>
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
          label={t("fetchPart.whatWouldChange")}
          width={720}
          columns={[
            t("fetchPart.here"),
            [t("fetchPart.brings", { currency })],
            [t("fetchPart.work")],
            [t("fetchPart.perHour")],
            t("fetchPart.why"),
          ]}
          rows={ways.map((way) => ({
            key: way.label,
            cells: [
              way.label,
              way.brings?.bare,
              way.effort?.seconds ? way.effort.text : "none",
              way.pay?.text ?? "–",
              way.why ?? "",
            ],
          }))}
        />
      )}
      <Typography component="p" sx={{ mt: 2, mb: 1, fontSize: 17 }}>
        {t("fetchPart.askAverageBringsAbout", {
          price: best.price?.text,
          money: best.money?.text,
          after: best.after,
          within30: best.chance30,
          within90: best.chance90,
        })}
        {best.flat && ` ${best.flat}`}
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
        {table ? t("fetchPart.hideTable") : t("fetchPart.showTable")}
      </Button>
      {table && (
        <SmallTable
          label={t("fetchPart.resultEachPrice")}
          columns={[
            [t("fetchPart.asking", { currency })],
            [t("fetchPart.brings2")],
            [t("fetchPart.days")],
            [t("fetchPart.within30Days")],
            [t("fetchPart.within90")],
            [t("fetchPart.profit")],
            [t("fetchPart.perHour")],
            [t("fetchPart.minusCostSpace")],
          ]}
          rows={curve.map((point) => ({
            key: point.price?.minor ?? 0,
            strong: point.price?.minor === best.price?.minor,
            cells: [
              point.price?.bare,
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
        {t("fetchPart.whereComes")}
      </Typography>
      <Typography sx={{ mb: 1 }}>{value.sentence}</Typography>
      <SmallTable
        label={t("fetchPart.whereLikelyPriceComes")}
        width={760}
        columns={[
          t("fetchPart.source"),
          [t("fetchPart.weight")],
          [t("fetchPart.price", { currency })],
          t("fetchPart.based"),
        ]}
        rows={value.sources.map((source) => ({
          key: source.key,
          cells: [source.label, `${source.share}%`, source.says?.bare ?? "–", source.words],
        }))}
      />
      <Typography variant="caption" component="p" sx={{ mt: 1, color: "text.secondary" }}>
        {t("fetchPart.likelyPriceWhatHalf", {
          asked: value.asked?.text,
          got: value.got,
          worth: value.day.worth?.text,
          why: value.day.why,
          slope: value.slope,
        })}
        {!value.current && t("fetchPart.latestChangeIncludedYet")}
      </Typography>
    </Part>
  );
}
