// How many hours the piece bears at floor pay: worked, still to come, and where they end; what each way to go on pays.
import Box from "@mui/material/Box";
import { useState } from "react";
import Button from "@mui/material/Button";
import type { Piece } from "../../api/types";
import { Figures } from "../../kit/Figures";
import { SmallTable } from "../../kit/SmallTable";
import { label } from "../../kit/theme";
import { Quiet } from "../../kit/layout";

type Budget = NonNullable<Piece["budget"]>;
const WIDTH = 600; // units of the picture, stretched to the room there is

function sentence(budget: Budget): string | null {
  const hours = budget.hours.text;
  if (!hours) return null;
  if (budget.out) return `The hours have run out: ${hours} more was worked than it bears at floor pay.`;
  if (budget.short)
    return `${hours} left, and the work to come takes ${budget.to_come?.text}: it will run out before it is finished.`;
  return `${hours} left at floor pay${budget.to_come ? `; ${budget.to_come.text} of work to come` : ""}.`;
}

export function HoursGauge({ budget, currency }: { budget: Budget; currency: string }) {
  const [sums, setSums] = useState(false);
  const said = sentence(budget);
  if (!said) return <Figures figures={[budget.hours]} currency={currency} />;
  const worked = budget.worked?.seconds ?? 0;
  const toCome = budget.to_come?.seconds ?? 0;
  const bears = budget.bears?.seconds ?? 0;
  const most = Math.max(worked + toCome, bears, 3600) * 1.04;
  const x = (seconds: number) => (Math.max(seconds, 0) / most) * WIDTH;
  const tight = budget.out || budget.short;
  return (
    <Box component="section" aria-label="Hours budget" sx={{ mb: 3 }}>
      <Box sx={{ fontWeight: 600, color: tight ? "error.main" : "text.primary", mb: 0.75 }}>{said}</Box>
      <Box
        component="svg"
        viewBox={`0 0 ${WIDTH} 26`}
        preserveAspectRatio="none"
        role="img"
        aria-label={`${budget.worked?.text ?? "nothing"} worked, ${budget.to_come?.text ?? "nothing"} to come, it bears ${budget.bears?.text}`}
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
        <span>{`${budget.worked?.text ?? "0 min"} worked`}</span>
        {budget.to_come && <span>{`${budget.to_come.text} to come`}</span>}
        <Box component="span" sx={{ color: "error.main" }}>{`${budget.bears?.text} is what it bears`}</Box>
        <Button
          size="small"
          className="no-print"
          aria-expanded={sums}
          onClick={() => setSums(!sums)}
          sx={{ ml: "auto" }}
        >
          {sums ? "Hide the sums" : "How so"}
        </Button>
      </Box>
      {sums && <Figures figures={[budget.hours, budget.left]} currency={currency} />}
      {tight && budget.ways.length > 0 && (
        <Box sx={{ mt: 1.5 }}>
          <SmallTable
            label="What each way to go on pays from here"
            columns={["From here on", [`Brings, ${currency}`], ["Hours"], [`Pays, ${currency} an hour`], ""]}
            rows={budget.ways.map((way) => ({
              key: way.label,
              cells: [
                way.label,
                way.take?.text,
                way.time?.seconds ? way.time.text : "none",
                way.pay?.text ?? "no hours",
                way.why ?? "",
              ],
            }))}
          />
          <Quiet>What was spent and worked so far is spent either way, so it is left out.</Quiet>
        </Box>
      )}
    </Box>
  );
}
