// What a price would bring: take-home, profit, pay, days to sell, and the steps down from it.
import Box from "@mui/material/Box";
import type { Pricing } from "../../api/types";
import { SmallTable } from "../../kit/SmallTable";
import { t } from "../../locales/market";

export function AtPrice({ at, currency }: { at: NonNullable<Pricing["at"]>; currency: string }) {
  const rows: [string, string, string][] = [
    [t("atPrice.get"), at.take_home?.text ?? t("atPrice.unknown"), t("atPrice.afterFeesDeliveryRent")],
    [
      t("atPrice.cashProfit"),
      at.profit?.text ?? t("atPrice.unknown"),
      at.profit ? t("atPrice.afterEverythingSpentStill") : t("atPrice.pricePaidUnknown"),
    ],
    [
      t("atPrice.hourlyPay"),
      at.hourly?.text ?? t("atPrice.unknown"),
      at.hourly ? t("atPrice.profitHoursDoneLeft") : t("atPrice.workLeftUnknown"),
    ],
    ...(at.course
      ? ([
          [t("atPrice.expected"), at.course.money?.text ?? "", t("atPrice.averagePriceDropsBelow")],
          [
            t("atPrice.daysSell"),
            t("atPrice.about", { after: at.course.after }),
            t("atPrice.likelySellWithin30", { within30: at.course.chance30, within90: at.course.chance90 }),
          ],
        ] as [string, string, string][])
      : []),
    [
      t("atPrice.listingsOnly"),
      at.days === null ? t("atPrice.unknown") : t("atPrice.days", { days: at.days, expected: at.expected?.text }),
      at.expected
        ? t("atPrice.suchListingsTakeLonger", {
            value: [at.time, at.time_why].filter(Boolean).join(" "),
            left: at.left,
          })
        : at.time_why,
    ],
  ];
  return (
    <>
      <Box component="dl" aria-label={t("atPrice.price")} sx={{ m: 0, mb: 2 }}>
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
          label={t("atPrice.priceDrops")}
          width={420}
          columns={[t("atPrice.from"), [t("atPrice.asking", { currency })]]}
          rows={at.steps.map((step) => ({ key: step.on?.iso ?? "", cells: [step.on?.text, step.asking?.bare] }))}
        />
      )}
    </>
  );
}
