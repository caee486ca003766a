// How many hours the piece bears at minimum pay: worked, still to come, and where they end; what each way to go on pays.
import Box from "@mui/material/Box";
import { useState } from "react";
import Button from "@mui/material/Button";
import type { Piece } from "../../api/types";
import { Figures } from "../../kit/Figures";
import { SmallTable } from "../../kit/SmallTable";
import { label } from "../../kit/theme";
import { Quiet } from "../../kit/layout";
import { t } from "../../locales/flips";

type Budget = NonNullable<Piece["budget"]>;
const WIDTH = 600; // units of the picture, stretched to the room there is

function sentence(budget: Budget): string | null {
  const hours = budget.hours.text;
  if (!hours) return null;
  if (budget.out) return t("hoursGauge.overTimeBudgetSo", { hours });
  if (budget.short) return t("hoursGauge.aboutWorkLeftBut", { hours, tocome: budget.to_come?.text });
  return t("hoursGauge.leftTimeBudget", {
    hours,
    more: budget.to_come ? t("hoursGauge.workLeft", { tocome: budget.to_come.text }) : "",
  });
}

export function HoursGauge({ budget, currency }: { budget: Budget; currency: string }) {
  const [sums, setSums] = useState(false);
  const said = sentence(budget);
  if (!said) return <Figures figures={[budget.hours]} />;
  const worked = budget.worked?.seconds ?? 0;
  const toCome = budget.to_come?.seconds ?? 0;
  const bears = budget.bears?.seconds ?? 0;
  const most = Math.max(worked + toCome, bears, 3600) * 1.04;
  const x = (seconds: number) => (Math.max(seconds, 0) / most) * WIDTH;
  const tight = budget.out || budget.short;
  return (
    <Box component="section" aria-label={t("hoursGauge.timeBudget")} sx={{ mb: 3 }}>
      <Box sx={{ fontWeight: 600, color: tight ? "error.main" : "text.primary", mb: 0.75 }}>{said}</Box>
      <Box
        component="svg"
        viewBox={`0 0 ${WIDTH} 26`}
        preserveAspectRatio="none"
        role="img"
        aria-label={t("hoursGauge.workedWorkLeftTime", {
          worked: budget.worked?.text ?? "nothing",
          tocome: budget.to_come?.text ?? "nothing",
          bears: budget.bears?.text,
        })}
        sx={{ width: "100%", height: 26, display: "block" }}
      >
        <rect
          x={0.5}
          y={5}
          width={WIDTH - 1}
          height={16}
          fill="var(--k-palette-background-paper)"
          stroke="var(--k-palette-text-primary)"
        />
        <rect x={0} y={5} width={x(worked)} height={16} fill="var(--k-palette-primary-main)" />
        <rect x={x(worked)} y={5} width={x(toCome)} height={16} fill="var(--k-palette-primary-main)" opacity={0.3} />
        <path d={`M${x(bears)} 0v26`} stroke="var(--k-palette-error-main)" strokeWidth={3} />
      </Box>
      <Box sx={{ ...label, display: "flex", flexWrap: "wrap", columnGap: 2, fontSize: 15 }}>
        <span>{t("hoursGauge.worked", { worked: budget.worked?.text ?? "0 min" })}</span>
        {budget.to_come && <span>{t("hoursGauge.workLeft2", { tocome: budget.to_come.text })}</span>}
        <Box component="span" sx={{ color: "error.main" }}>
          {t("hoursGauge.timeBudget2", { bears: budget.bears?.text })}
        </Box>
        <Button
          size="small"
          className="no-print"
          aria-expanded={sums}
          onClick={() => setSums(!sums)}
          sx={{ ml: "auto" }}
        >
          {sums ? t("hoursGauge.hideDetails") : t("hoursGauge.showDetails")}
        </Button>
      </Box>
      {sums && <Figures figures={[budget.hours, budget.left]} />}
      {tight && budget.ways.length > 0 && (
        <Box sx={{ mt: 1.5 }}>
          <SmallTable
            label={t("hoursGauge.whatEarnHere")}
            columns={[
              t("hoursGauge.here"),
              [t("hoursGauge.brings", { currency })],
              [t("hoursGauge.hours")],
              [t("hoursGauge.hourlyPay", { currency })],
              "",
            ]}
            rows={budget.ways.map((way) => ({
              key: way.label,
              cells: [
                way.label,
                way.take?.bare,
                way.time?.seconds ? way.time.text : "none",
                way.pay?.bare ?? t("hoursGauge.hours2"),
                way.why ?? "",
              ],
            }))}
          />
          <Quiet>{t("hoursGauge.moneyHoursAlreadySpent")}</Quiet>
        </Box>
      )}
    </Box>
  );
}
