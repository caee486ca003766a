// The house rules in groups, with the reason beside each.
import type { Workshop } from "../../api/types";
import type { RuleSpec } from "./Rule";
import { selling } from "./selling";
import { t } from "../../locales/house";

// The money of the country that the browser is set to stands first.
function ownFirst(all: Workshop["lists"]["currencies"], countries: Record<string, string>) {
  const own = navigator.languages
    .map((language) => countries[language.split("-")[1]?.toUpperCase() ?? ""])
    .find(Boolean);
  return [...all].sort((one, other) => Number(other.key === own) - Number(one.key === own));
}

// Countries as people call them.
const countries = (lists: Workshop["lists"]) => {
  const names = new Intl.DisplayNames(["en"], { type: "region" });
  return lists.countries
    .map(({ key, label }) => ({ key, label: names.of(key) ?? label }))
    .sort((one, other) => one.label.localeCompare(other.label));
};

export function rules(workshop: Workshop): { title: string; rules: RuleSpec[] }[] {
  const { currency, lists } = workshop;
  return [
    {
      title: t("groups.money"),
      rules: [
        {
          name: "currency",
          label: t("groups.currency"),
          value: currency,
          options: ownFirst(lists.currencies, lists.currency_of),
          why: t("groups.oneCurrencyWholeWorkshop"),
        },
        {
          name: "floor_pay",
          label: t("groups.minimumPay"),
          unit: t("groups.hour", { currency }),
          value: workshop.floor_pay?.typed ?? "",
          why: t("groups.leastWorkPerHour"),
        },
        {
          name: "target_pay",
          label: t("groups.targetPay"),
          unit: t("groups.hour", { currency }),
          value: workshop.target_pay?.typed ?? "",
          why: t("groups.whatWantEarnPer"),
        },
        {
          name: "fee_rate",
          label: t("groups.usualSellingFee"),
          unit: t("groups.price"),
          value: workshop.fee_rate ?? "",
          why: t("groups.includedBreakEvenLowest"),
        },
        {
          name: "fixed_fee",
          label: t("groups.usualFixedFee"),
          unit: currency,
          value: workshop.fixed_fee?.typed ?? "",
          why: t("groups.exampleListingFeeEach"),
        },
        {
          name: "overhead",
          label: t("groups.shopOverhead"),
          unit: t("groups.hour", { currency }),
          value: workshop.overhead?.typed ?? "",
          why: t("groups.rentLightToolsPer"),
        },
        {
          name: "sundries",
          label: t("groups.sundries"),
          unit: t("groups.perPiece", { currency }),
          value: workshop.sundries?.typed ?? "",
          why: t("groups.flatAmountSandpaperRags"),
        },
      ],
    },
    {
      title: t("groups.workshop"),
      rules: [
        {
          name: "material_rule",
          label: t("groups.costMaterialsUse"),
          value: workshop.material_rule,
          options: [
            { key: "part", label: t("groups.partUsed") },
            { key: "whole", label: t("groups.wholeContainerFirstPiece") },
          ],
          why: t("groups.eitherEachPiecePays"),
        },
        {
          name: "drying_places",
          label: t("groups.spaceWorkDry"),
          unit: t("groups.piecesTime"),
          value: workshop.drying_places?.toString() ?? "",
          why: t("groups.dryingPieceTakesUp"),
        },
        {
          name: "spray_tent",
          label: t("groups.sprayTent"),
          value: workshop.spray_tent,
          options: [
            { key: "yes", label: t("groups.yes") },
            { key: "no", label: t("groups.sprayingDoneOutdoors") },
          ],
          why: t("groups.holdsOnePieceTime"),
        },
        {
          name: "light_from",
          label: t("groups.outdoors"),
          unit: t("groups.oclock"),
          value: workshop.light_from,
          why: t("groups.daylightCanWorkChange"),
        },
        {
          name: "light_to",
          label: t("groups.outdoorsUntil"),
          unit: t("groups.oclock"),
          value: workshop.light_to,
          why: t("groups.outdoorStepsPlannedDry"),
        },
      ],
    },
    {
      title: t("groups.buyingPickup"),
      rules: [
        {
          name: "trip",
          label: t("groups.usualTrip"),
          unit: currency,
          value: workshop.trip?.typed ?? "",
          why: t("groups.assumedPieceThinkingBuying"),
        },
        {
          name: "distance_unit",
          label: t("groups.distances"),
          value: workshop.distance_unit,
          options: [
            { key: "km", label: "kilometres" },
            { key: "mi", label: "miles" },
          ],
          why: t("groups.unitTrips"),
        },
        {
          name: "mileage_rate",
          label: t("groups.mileageRate"),
          unit: `${currency} a ${workshop.distance_unit}`,
          value: workshop.mileage_rate ?? "",
          why: t("groups.wearFuelTogetherTrips"),
        },
        {
          name: "delivery",
          label: t("groups.usualDelivery"),
          unit: currency,
          value: workshop.delivery?.typed ?? "",
          why: t("groups.whatCostsDeliverSold"),
        },
        {
          name: "rent",
          label: t("groups.usualBoothRent"),
          unit: t("groups.perPiece", { currency }),
          value: workshop.rent?.typed ?? "",
          why: t("groups.piecesShareBoothsRent"),
        },
        {
          name: "places",
          label: t("groups.spacesPieces"),
          unit: "pieces",
          value: workshop.places === null ? "" : String(workshop.places),
          why: t("groups.howManyPiecesFit"),
        },
        {
          name: "weekly_hours",
          label: t("groups.hoursWeek"),
          value: workshop.weekly_hours?.text ?? "",
          why: t("groups.handsWorkEveryoneTogether"),
        },
      ],
    },
    selling(workshop),
    {
      title: t("groups.hoursDays"),
      rules: [
        {
          name: "hours_rule",
          label: t("groups.hoursCount"),
          value: workshop.hours_rule,
          options: [
            { key: "bench", label: t("groups.handsWorkOnly") },
            { key: "all", label: t("groups.alsoPickupPhotosSelling") },
          ],
          why: t("groups.figureSeeFirstOther"),
        },
        {
          name: "time_zone",
          label: t("groups.timeZone"),
          value: workshop.time_zone,
          options: lists.time_zones.map((zone) => ({ key: zone, label: zone })),
          why: t("groups.setsWhichDayWork"),
        },
      ],
    },
    {
      title: t("groups.units"),
      rules: [
        {
          name: "country",
          label: t("groups.country"),
          value: workshop.country,
          options: countries(lists),
          why: t("groups.setsHowWordsSpelled"),
        },
        {
          name: "length_unit",
          label: t("groups.lengths"),
          value: workshop.length_unit,
          options: [
            { key: "mm", label: "millimetres" },
            { key: "in", label: t("groups.inches116") },
          ],
          why: t("groups.usedEverywhereAssumedWhen"),
        },
      ],
    },
  ];
}
