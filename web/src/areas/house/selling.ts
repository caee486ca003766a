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
        { key: "5", label: "5 or 0" },
        { key: "9", label: "9" },
        { key: "59", label: "5 or 9" },
      ],
      why: "Asking prices go up to the next such amount, never down.",
    },
    {
      name: "step",
      label: "A price step",
      unit: "%",
      value: workshop.step,
      why: "Where its value is known a step is at least half of this; where nothing tells its value each step is this, down to the floor price.",
    },
    {
      name: "step_days",
      label: "Every",
      unit: "days",
      value: String(workshop.step_days),
      why: "How long each price stands at least. 0: no steps are planned.",
    },
    {
      name: "decline",
      label: "Decline under",
      unit: "%",
      value: workshop.decline,
      why: "Of what waiting is worth: an offer below it is declined without a counter.",
    },
    {
      name: "day",
      label: "A day on the market costs at least",
      unit: "%",
      value: workshop.day,
      why: "Of a piece's value. Where places are full or hours are booked, what each of your spaces earns a day counts instead.",
    },
    {
      name: "half_life_days",
      label: "Old listings count half after",
      unit: "days",
      value: String(workshop.half_life_days),
      why: "Markets change: what sold long ago says less of what sells today.",
    },
  ],
});
