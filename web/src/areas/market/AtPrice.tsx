// What a price would bring: take-home, profit, pay, days to sell, and the steps down from it.
import Box from "@mui/material/Box";
import type { Pricing } from "../../api/types";
import { SmallTable } from "../../kit/SmallTable";

export function AtPrice({ at, currency }: { at: NonNullable<Pricing["at"]>; currency: string }) {
  const rows: [string, string, string][] = [
    ["Take-home", at.take_home?.text ?? "not known", "less fees, delivery and rent of the house rules"],
    [
      "Cash profit",
      at.profit?.text ?? "not known",
      at.profit ? "less all that is in it and still to come" : "the price paid is not known",
    ],
    [
      "Hourly pay",
      at.hourly?.text ?? "not known",
      at.hourly ? "profit ÷ hours done and to come" : "the hours still to come are not known",
    ],
    ...(at.course
      ? ([
          ["Expected to bring", at.course.money?.text ?? "", "on average, with the steps down below, by the market"],
          [
            "Days to sell",
            `about ${at.course.days}`,
            `sold within 30 days ${at.course.within30} times in 100, within 90 days ${at.course.within90}`,
          ],
        ] as [string, string, string][])
      : []),
    [
      "By your listings alone",
      at.days === null ? "not known" : `${at.days} days, ${at.expected?.text}`,
      at.expected
        ? `${[at.time, at.time_why].filter(Boolean).join(" ")}; ${at.left} of such listings stand longer`
        : at.time_why,
    ],
  ];
  return (
    <>
      <Box component="dl" aria-label="At this price" sx={{ m: 0, mb: 2 }}>
        {rows.map(([name, value, why]) => (
          <Box
            key={name}
            data-at={name}
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "1fr auto", sm: "170px 130px 1fr" },
              columnGap: 2,
              borderBottom: 1,
              borderColor: "divider",
              py: 0.75,
            }}
          >
            <Box component="dt">{name}</Box>
            <Box component="dd" sx={{ m: 0, textAlign: "right", fontWeight: 500 }}>
              {value}
            </Box>
            <Box component="dd" sx={{ m: 0, color: "text.secondary", gridColumn: { xs: "1 / -1", sm: "auto" } }}>
              {why}
            </Box>
          </Box>
        ))}
      </Box>
      {at.steps.length > 0 && (
        <SmallTable
          label="Steps down"
          width={420}
          columns={["From", [`Asking, ${currency}`]]}
          rows={at.steps.map((step) => ({ key: step.on?.iso ?? "", cells: [step.on?.text, step.asking?.text] }))}
        />
      )}
    </>
  );
}
