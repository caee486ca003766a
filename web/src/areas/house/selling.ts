// The house rules of selling.
import type { Workshop } from "../../api/types";
import type { RuleSpec } from "./Rule";
import { t } from "../../locales/house";

export const selling = (workshop: Workshop): { title: string; rules: RuleSpec[] } => ({
  title: t("selling.selling"),
  rules: [
    {
      name: "haggle",
      label: t("selling.roomHaggle"),
      unit: "%",
      value: workshop.haggle,
      why: t("selling.howFarAboveTarget"),
    },
    {
      name: "pick_up",
      label: t("selling.pickup"),
      value: workshop.pick_up,
      why: t("selling.howBuyersPickUp"),
    },
    {
      name: "price_ending",
      label: t("selling.pricesEnd"),
      value: workshop.price_ending,
      options: [
        { key: "none", label: t("selling.anyAmount") },
        { key: "5", label: t("selling.n50") },
        { key: "9", label: "9" },
        { key: "59", label: t("selling.n59") },
      ],
      why: t("selling.askingPricesRoundedUp"),
    },
    {
      name: "step",
      label: t("selling.priceDrop"),
      unit: "%",
      value: workshop.step,
      why: t("selling.whenValueKnownDrop"),
    },
    {
      name: "step_days",
      label: t("selling.every"),
      unit: "days",
      value: String(workshop.step_days),
      why: t("selling.howLongPriceStays"),
    },
    {
      name: "decline",
      label: t("selling.declineOffersBelow"),
      unit: "%",
      value: workshop.decline,
      why: t("selling.shareWhatWaitingWorth"),
    },
    {
      name: "day",
      label: t("selling.daySaleCostsLeast"),
      unit: "%",
      value: workshop.day,
      why: t("selling.sharePiecesValueWhen"),
    },
    {
      name: "half_life_days",
      label: t("selling.oldListingsCountHalf"),
      unit: "days",
      value: String(workshop.half_life_days),
      why: t("selling.marketsChangeSoOld"),
    },
  ],
});
