// The house rules in groups, with the reason beside each.
import type { Workshop } from "../../api/types";
import type { RuleSpec } from "./Rule";
import { selling } from "./selling";

// The money of the country that the browser is set to stands first.
function ownFirst(all: Workshop["lists"]["currencies"], countries: Record<string, string>) {
  const own = navigator.languages
    .map((language) => countries[language.split("-")[1]?.toUpperCase() ?? ""])
    .find(Boolean);
  return [...all].sort((one, other) => Number(other.key === own) - Number(one.key === own));
}

export function rules(workshop: Workshop): { title: string; rules: RuleSpec[] }[] {
  const { currency, lists } = workshop;
  return [
    {
      title: "Money",
      rules: [
        {
          name: "currency",
          label: "Currency",
          value: currency,
          options: ownFirst(lists.currencies, lists.currency_of),
          why: "One workshop, one currency. It cannot change once money is recorded.",
        },
        {
          name: "floor_pay",
          label: "Floor pay",
          unit: `${currency} an hour`,
          value: workshop.floor_pay?.typed ?? "",
          why: "The least you would work for. The floor price covers it.",
        },
        {
          name: "target_pay",
          label: "Target pay",
          unit: `${currency} an hour`,
          value: workshop.target_pay?.typed ?? "",
          why: "What an hour should earn. The target price covers it.",
        },
        {
          name: "fee_rate",
          label: "Usual selling fee",
          unit: "% of the price",
          value: workshop.fee_rate ?? "",
          why: "Taken into break-even, floor and target. Empty: none assumed.",
        },
        {
          name: "fixed_fee",
          label: "Usual fixed fee",
          unit: currency,
          value: workshop.fixed_fee?.typed ?? "",
          why: "A listing fee or the like, for each sale. Empty: none assumed.",
        },
        {
          name: "overhead",
          label: "Shop overhead",
          unit: `${currency} an hour`,
          value: workshop.overhead?.typed ?? "",
          why: "Rent, light and tools by the hour, in the full-cost view only. Empty: none.",
        },
        {
          name: "sundries",
          label: "Sundries",
          unit: `${currency} a piece`,
          value: workshop.sundries?.typed ?? "",
          why: "A flat sum for paper, cloths and tape: tracking them one by one costs more than it tells. Pieces recorded from now on bear it; imported ones do not.",
        },
      ],
    },
    {
      title: "The bench",
      rules: [
        {
          name: "material_rule",
          label: "Materials from the shelf",
          value: workshop.material_rule,
          options: [
            { key: "part", label: "the part used" },
            { key: "whole", label: "the whole container, on the first piece" },
          ],
          why: "The part used: the remainder serves the next piece. The whole: what was bought for a piece is charged to it.",
        },
        {
          name: "drying_places",
          label: "Places to work and dry",
          unit: "pieces at a time",
          value: workshop.drying_places?.toString() ?? "",
          why: "A piece keeps its place while it dries. Empty: there is always room.",
        },
        {
          name: "spray_tent",
          label: "Spray tent",
          value: workshop.spray_tent,
          options: [
            { key: "yes", label: "there is one" },
            { key: "no", label: "none, spraying is done outdoors" },
          ],
          why: "One piece at a time. Without a tent, spraying waits for a dry day.",
        },
        {
          name: "light_from",
          label: "Outdoors from",
          unit: "o’clock",
          value: workshop.light_from,
          why: "Daylight to work by outdoors; change it with the season.",
        },
        {
          name: "light_to",
          label: "Outdoors until",
          unit: "o’clock",
          value: workshop.light_to,
          why: "Outdoor steps are planned on dry days between these hours.",
        },
      ],
    },
    {
      title: "Buying and fetching",
      rules: [
        {
          name: "trip",
          label: "Usual trip",
          unit: currency,
          value: workshop.trip?.typed ?? "",
          why: "Assumed when a piece is spotted, until its own trip is recorded. Empty: none assumed.",
        },
        {
          name: "distance_unit",
          label: "Distances",
          value: workshop.distance_unit,
          options: [
            { key: "km", label: "kilometres" },
            { key: "mi", label: "miles" },
          ],
          why: "In which trips are written down.",
        },
        {
          name: "mileage_rate",
          label: "Mileage rate",
          unit: `${currency} a ${workshop.distance_unit}`,
          value: workshop.mileage_rate ?? "",
          why: "Wear and fuel together; it counts where no fuel is given. Trips recorded before keep theirs. Empty: distance costs nothing.",
        },
        {
          name: "delivery",
          label: "Usual delivery",
          unit: currency,
          value: workshop.delivery?.typed ?? "",
          why: "What it costs you to bring a sold piece to its buyer, where you do. Taken off the expected resale.",
        },
        {
          name: "rent",
          label: "Usual booth rent",
          unit: `${currency} a piece`,
          value: workshop.rent?.typed ?? "",
          why: "A piece's part of a booth's rent until it sells. Taken off the expected resale.",
        },
        {
          name: "places",
          label: "Places on the floor",
          unit: "pieces",
          value: workshop.places === null ? "" : String(workshop.places),
          why: "How many pieces there is room for: Scout says from when there is room for one more.",
        },
        {
          name: "weekly_hours",
          label: "Hours a week",
          value: workshop.weekly_hours?.text ?? "",
          why: "Of work at the bench, all people together: Scout says what is left this month.",
        },
      ],
    },
    selling(workshop),
    {
      title: "Hours and days",
      rules: [
        {
          name: "hours_rule",
          label: "Hours that count",
          value: workshop.hours_rule,
          options: [
            { key: "bench", label: "at the bench only" },
            { key: "all", label: "also fetching, photographing, selling, delivering" },
          ],
          why: "The headline figure; the other stands beside it, as both are quoted in the trade. Filming is kept, but not in hourly pay.",
        },
        {
          name: "time_zone",
          label: "Time zone",
          value: workshop.time_zone,
          options: lists.time_zones.map((zone) => ({ key: zone, label: zone })),
          why: "Decides on which day work counts.",
        },
      ],
    },
    {
      title: "Measures",
      rules: [
        {
          name: "length_unit",
          label: "Lengths",
          value: workshop.length_unit,
          options: [
            { key: "mm", label: "millimetres" },
            { key: "in", label: "inches, to 1/16" },
          ],
          why: "Shown and meant where no unit is written; any other can be typed with its unit.",
        },
      ],
    },
  ];
}
