// What comes of each price that may be asked: the money it brings on average, and what is left of it once its days are
// paid for.
import Box from "@mui/material/Box";
import type { Pricing } from "../../api/types";
import { useWidth } from "../../kit/useWidth";
import { Row } from "../../kit/layout";
import { t } from "../../locales/market";

type Point = Pricing["curve"][number];
const HEIGHT = 210;
const LEFT = 52;
const BOTTOM = 36;
const TOP = 22;

const minor = (point: Point, key: "price" | "money" | "worth") => point[key]?.minor ?? 0;

/** Round figures between two amounts, at most so many. */
function ticks(low: number, high: number, most: number): number[] {
  const rough = (high - low) / most;
  const power = 10 ** Math.floor(Math.log10(Math.max(rough, 1)));
  const step = [1, 2, 5, 10].map((digit) => digit * power).find((one) => one >= rough) ?? power * 10;
  const first = Math.ceil(low / step) * step;
  return Array.from({ length: Math.floor((high - first) / step) + 1 }, (_, place) => first + place * step);
}

interface Props {
  points: Point[];
  best: number;
  weighed: number | null;
  unit: number;
  currency: string;
  onChoose: (typed: string) => void;
}

export function CurveChart({ points, best, weighed, unit, currency, onChoose }: Props) {
  const [ref, width] = useWidth();
  if (points.length < 2) return null;
  const prices = points.map((point) => minor(point, "price"));
  const [low, high] = [Math.min(...prices), Math.max(...prices)];
  const amounts = points.flatMap((point) => [minor(point, "money"), minor(point, "worth")]);
  const [least, most] = [Math.min(...amounts), Math.max(...amounts)];
  const floor = least - (most - least) * 0.08;
  const x = (amount: number) => LEFT + ((amount - low) / (high - low)) * (width - LEFT - 16);
  const y = (amount: number) => TOP + (1 - (amount - floor) / (most - floor || 1)) * (HEIGHT - TOP - BOTTOM);
  const line = (key: "money" | "worth") =>
    points.map((point, place) => `${place ? "L" : "M"}${x(minor(point, "price"))} ${y(minor(point, key))}`).join("");
  const whole = (amount: number) => String(Math.round(amount / unit));
  const marks = [
    { at: best, text: "best", colour: "var(--k-palette-secondary-main)" },
    ...(weighed !== null && weighed !== best && weighed >= low && weighed <= high
      ? [{ at: weighed, text: t("curveChart.price"), colour: "var(--k-palette-text-primary)" }]
      : []),
  ];
  const bestPoint = points.find((point) => point.price?.minor === best);
  return (
    <Box ref={ref} sx={{ width: "100%", maxWidth: 820, contain: "inline-size" }}>
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={t("curveChart.whatEachAskingPrice", {
            price: bestPoint?.price?.text ?? "",
            money: bestPoint?.money?.text ?? "",
            after: bestPoint?.after ?? "",
          })}
          style={{ display: "block", fontFamily: "Barlow Condensed" }}
        >
          {ticks(floor, most, 4).map((amount) => (
            <g key={amount}>
              <path d={`M${LEFT} ${y(amount)}H${width - 12}`} stroke="var(--k-palette-divider)" strokeDasharray="2 4" />
              <text
                x={LEFT - 8}
                y={y(amount) + 5}
                textAnchor="end"
                fontSize={14}
                fill="var(--k-palette-text-secondary)"
              >
                {whole(amount)}
              </text>
            </g>
          ))}
          {ticks(low, high, Math.max(3, Math.floor(width / 120))).map((amount) => (
            <text
              key={amount}
              x={x(amount)}
              y={HEIGHT - BOTTOM + 16}
              textAnchor="middle"
              fontSize={14}
              fill="var(--k-palette-text-secondary)"
            >
              {whole(amount)}
            </text>
          ))}
          <text x={width - 12} y={HEIGHT - 4} textAnchor="end" fontSize={14} fill="var(--k-palette-text-secondary)">
            {t("curveChart.firstAskingPrice", { currency })}
          </text>
          <path
            d={line("money")}
            fill="none"
            stroke="var(--k-palette-text-primary)"
            strokeWidth={1.6}
            strokeDasharray="6 4"
          />
          <path d={line("worth")} fill="none" stroke="var(--k-palette-secondary-main)" strokeWidth={2.6} />
          {marks.map((mark) => (
            <g key={mark.text} fill={mark.colour} stroke={mark.colour}>
              <path d={`M${x(mark.at)} ${TOP - 4}V${HEIGHT - BOTTOM}`} strokeWidth={1.4} />
              <text
                x={x(mark.at) + (x(mark.at) > width - 90 ? -5 : 5)}
                y={TOP - 6}
                textAnchor={x(mark.at) > width - 90 ? "end" : "start"}
                stroke="none"
                fontSize={15}
                fontWeight={600}
              >
                {mark.text}
              </text>
            </g>
          ))}
          {points.map((point, place) => {
            const from = place ? (x(prices[place - 1] ?? low) + x(prices[place] ?? low)) / 2 : LEFT;
            const to = place < points.length - 1 ? (x(prices[place] ?? low) + x(prices[place + 1] ?? high)) / 2 : width;
            return (
              <rect
                key={point.price?.minor}
                x={from}
                y={TOP}
                width={Math.max(to - from, 1)}
                height={HEIGHT - TOP - BOTTOM}
                fill="transparent"
                style={{ cursor: "pointer" }}
                onClick={() => onChoose(point.price?.typed ?? "")}
              >
                <title>
                  {t("curveChart.bringsAboutDays", {
                    price: point.price?.text,
                    money: point.money?.text,
                    after: point.after,
                  })}
                </title>
              </rect>
            );
          })}
        </svg>
      )}
      <Row gap={2} align="stretch" sx={{ color: "text.secondary", fontSize: 14 }}>
        <Box component="span">{t("curveChart.averageResult")}</Box>
        <Box component="span" sx={{ color: "secondary.main", fontWeight: 600 }}>
          {t("curveChart.minusCostSpaceFees")}
        </Box>
      </Row>
    </Box>
  );
}
