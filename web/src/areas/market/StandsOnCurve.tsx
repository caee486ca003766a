// Where a listing of so many days stands on the curve of such listings: the share still unsold, a point at today.
import Box from "@mui/material/Box";
import type { Market } from "../../api/types";
import { t } from "../../locales/market";

const W = 200;
const H = 34;

type Props = { curve: Market["times"][number]; days: number; against: string | null };

export function StandsOnCurve({ curve, days, against }: Props) {
  const most = Math.max(days, ...curve.curve.map(([day]) => day ?? 0), 1);
  const x = (day: number) => 3 + (day / most) * (W - 6);
  const y = (percent: number) => 3 + (1 - percent / 100) * (H - 6);
  const path = curve.curve
    .map(([day = 0, share = 0], place) => (place === 0 ? `M${x(day)} ${y(share)}` : `H${x(day)}V${y(share)}`))
    .join("");
  const now = [...curve.curve].reverse().find(([day = 0]) => day <= days)?.[1] ?? 100;
  return (
    <Box sx={{ maxWidth: W }}>
      <svg viewBox={`0 0 ${W} ${H}`} width="100%" role="img" aria-label={against ?? t("standsOnCurve.days", { days })}>
        <path d={`M3 ${H - 2}H${W - 3}`} stroke="var(--k-palette-divider)" />
        <path d={path} fill="none" stroke="var(--k-palette-secondary-main)" strokeWidth={1.6} />
        <circle cx={x(days)} cy={y(now)} r={4.5} fill="var(--k-palette-secondary-main)" />
      </svg>
      <Box sx={{ fontSize: 13.5, color: "text.secondary", lineHeight: 1.25 }}>{against}</Box>
    </Box>
  );
}
