// The share of listings still unsold after so many days, as steps, with its figures as a table for whoever wants them.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Market } from "../../api/types";
import { t } from "../../locales/market";

const W = 320;
const H = 120;

export function UnsoldCurve({ time }: { time: Market["times"][number] }) {
  const most = Math.max(...time.curve.map(([day]) => day ?? 0), 1);
  const x = (day: number) => 30 + (day / most) * (W - 40);
  const y = (percent: number) => 8 + (1 - percent / 100) * (H - 30);
  const path = time.curve
    .map(([day = 0, share = 0], place) => (place === 0 ? `M${x(day)} ${y(share)}` : `H${x(day)}V${y(share)}`))
    .join("");
  return (
    <Box>
      <Typography sx={{ fontWeight: 600 }}>{time.kind}</Typography>
      <Box
        component="svg"
        viewBox={`0 0 ${W} ${H}`}
        role="img"
        aria-label={t("unsoldCurve.shareSoldAfterEach", { kind: time.kind, time: time.text })}
        sx={{ width: "100%", maxWidth: W }}
      >
        <path d={`M30 8V${H - 22}H${W - 10}`} fill="none" stroke="var(--k-palette-text-secondary)" />
        {[100, 50, 0].map((percent) => (
          <text
            key={percent}
            x={26}
            y={y(percent) + 4}
            textAnchor="end"
            fontSize={11}
            fill="var(--k-palette-text-secondary)"
          >
            {`${percent}%`}
          </text>
        ))}
        <text x={W - 10} y={H - 6} textAnchor="end" fontSize={11} fill="var(--k-palette-text-secondary)">
          {t("unsoldCurve.days", { most })}
        </text>
        <path d={path} fill="none" stroke="var(--k-palette-secondary-main)" strokeWidth={2} />
      </Box>
      <Typography variant="body2">{time.text}</Typography>
      <Box component="details" sx={{ fontSize: 14 }}>
        <summary>{t("unsoldCurve.figures")}</summary>
        {time.curve.map(([day, share], place) => (
          <div key={place}>{t("unsoldCurve.daySold", { day, share })}</div>
        ))}
      </Box>
    </Box>
  );
}
