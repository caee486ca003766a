// The house rules of selling.
import type { Workshop } from "../../api/types";
import type { RuleSpec } from "./Rule";

export const selling = (workshop: Workshop): { title: string; rules: RuleSpec[] } => ({
  title: "Selling",
  rules: [
    {
      name: "haggle",
      label: "Room for haggling",
      unit: "%",
      value: workshop.haggle,
      why: "The asking price is the target price ÷ (1 − this).",
    },
    {
      name: "pick_up",
      label: "Pick-up",
      value: workshop.pick_up,
      why: "How pieces are fetched, as listings say it: “Pick-up in the evening; two people to carry”.",
    },
    {
      name: "price_ending",
      label: "Prices end in",
      value: workshop.price_ending,
      options: [
        { key: "none", label: "any amount" },
        { key: "5", label: "fives and tens" },
        { key: "9", label: "nines" },
        { key: "59", label: "fives and nines" },
      ],
      why: "Asking prices go up to the next such amount, never down.",
    },
    {
      name: "step",
      label: "A price step",
      unit: "%",
      value: workshop.step,
      why: "By how much a listed piece gets cheaper at each step, down to its floor price and no lower.",
    },
    {
      name: "step_days",
      label: "Every",
      unit: "days",
      value: String(workshop.step_days),
      why: "How long each price stands. 0: no steps are planned.",
    },
    {
      name: "decline",
      label: "Decline under",
      unit: "%",
      value: workshop.decline,
      why: "Of what waiting is worth: an offer below it is declined without a counter.",
    },
  ],
});
