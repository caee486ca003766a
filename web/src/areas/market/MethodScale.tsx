// Every way of finding a price as a bar from low to high on one scale of money, with the price that is weighed.
import Box from "@mui/material/Box";
import type { Money, Pricing } from "../../api/types";
import { useWidth } from "../../kit/useWidth";

const ROW = 34;
const NAME = 118;

export function MethodScale({ methods, price }: { methods: Pricing["methods"]; price: Money | null }) {
  const [ref, width] = useWidth();
  if (methods.length === 0) return <Box sx={{ color: "text.secondary" }}>No way has figures yet.</Box>;
  const most = Math.max(...methods.map((row) => row.high?.minor ?? 0), price?.minor ?? 0) * 1.08;
  const x = (minor: number) => NAME + (minor / most) * Math.max(width - NAME - 8, 1);
  const height = methods.length * ROW + 26;
  const spoken = methods.map((row) => `${row.label} ${row.low?.text} to ${row.high?.text}`).join("; ");
  return (
    <Box ref={ref} sx={{ width: "100%", mb: 1, contain: "inline-size" }}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={`${spoken}${price ? `; weighed ${price.text}` : ""}`}
          style={{ display: "block" }}
        >
          {methods.map((row, place) => {
            const y = place * ROW + 8;
            const [low, mid, high] = [x(row.low?.minor ?? 0), x(row.mid?.minor ?? 0), x(row.high?.minor ?? 0)];
            return (
              <g key={row.key}>
                <text x={0} y={y + 15} fontSize={15} fontFamily="Barlow Condensed" fill="var(--k-palette-text-primary)">
                  {row.label}
                </text>
                <path d={`M${NAME} ${y + 10}H${width}`} stroke="var(--k-palette-divider)" />
                <rect
                  x={low}
                  y={y + 2}
                  width={Math.max(high - low, 2)}
                  height={16}
                  fill="var(--k-palette-secondary-main)"
                  opacity={row.key === "cost_and_pay" ? 0.75 : 0.35}
                />
                <path d={`M${mid} ${y - 2}v24`} stroke="var(--k-palette-text-primary)" strokeWidth={2} />
              </g>
            );
          })}
          {price && (
            <g stroke="var(--k-palette-primary-main)" fill="var(--k-palette-primary-main)">
              <path d={`M${x(price.minor)} 0V${height - 18}`} strokeWidth={2} strokeDasharray="5 3" />
              <text
                x={x(price.minor)}
                y={height - 4}
                textAnchor={x(price.minor) > width - 60 ? "end" : "middle"}
                stroke="none"
                fontSize={15}
                fontFamily="Barlow Condensed"
                fontWeight={600}
              >
                {price.text}
              </text>
            </g>
          )}
        </svg>
      )}
    </Box>
  );
}
