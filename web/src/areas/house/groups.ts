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
          why: t("groups.oneWorkshopOneCurrency"),
        },
        {
          name: "floor_pay",
          label: t("groups.floorPay"),
          unit: t("groups.hour", { currency }),
          value: workshop.floor_pay?.typed ?? "",
          why: t("groups.leastYouWouldWork"),
        },
        {
          name: "target_pay",
          label: t("groups.targetPay"),
          unit: t("groups.hour", { currency }),
          value: workshop.target_pay?.typed ?? "",
          why: t("groups.whatHourShouldEarn"),
        },
        {
          name: "fee_rate",
          label: t("groups.usualSellingFee"),
          unit: t("groups.price"),
          value: workshop.fee_rate ?? "",
          why: t("groups.takenIntoBreakEven"),
        },
        {
          name: "fixed_fee",
          label: t("groups.usualFixedFee"),
          unit: currency,
          value: workshop.fixed_fee?.typed ?? "",
          why: t("groups.listingFeeLikeEach"),
        },
        {
          name: "overhead",
          label: t("groups.shopOverhead"),
          unit: t("groups.hour", { currency }),
          value: workshop.overhead?.typed ?? "",
          why: t("groups.rentLightToolsHour"),
        },
        {
          name: "sundries",
          label: t("groups.sundries"),
          unit: t("groups.piece", { currency }),
          value: workshop.sundries?.typed ?? "",
          why: t("groups.flatSumPaperCloths"),
        },
      ],
    },
    {
      title: t("groups.bench"),
      rules: [
        {
          name: "material_rule",
          label: t("groups.materialsShelf"),
          value: workshop.material_rule,
          options: [
            { key: "part", label: t("groups.partUsed") },
            { key: "whole", label: t("groups.wholeContainerFirstPiece") },
          ],
          why: t("groups.partUsedRemainderServes"),
        },
        {
          name: "drying_places",
          label: t("groups.placesWorkDry"),
          unit: t("groups.piecesTime"),
          value: workshop.drying_places?.toString() ?? "",
          why: t("groups.pieceKeepsPlaceWhile"),
        },
        {
          name: "spray_tent",
          label: t("groups.sprayTent"),
          value: workshop.spray_tent,
          options: [
            { key: "yes", label: t("groups.thereOne") },
            { key: "no", label: t("groups.noneSprayingDoneOutdoors") },
          ],
          why: t("groups.onePieceTimeWithout"),
        },
        {
          name: "light_from",
          label: t("groups.outdoors"),
          unit: t("groups.oclock"),
          value: workshop.light_from,
          why: t("groups.daylightWorkOutdoorsChange"),
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
      title: t("groups.buyingFetching"),
      rules: [
        {
          name: "trip",
          label: t("groups.usualTrip"),
          unit: currency,
          value: workshop.trip?.typed ?? "",
          why: t("groups.assumedWhenPieceSpotted"),
        },
        {
          name: "distance_unit",
          label: t("groups.distances"),
          value: workshop.distance_unit,
          options: [
            { key: "km", label: "kilometres" },
            { key: "mi", label: "miles" },
          ],
          why: t("groups.whichTripsWrittenDown"),
        },
        {
          name: "mileage_rate",
          label: t("groups.mileageRate"),
          unit: `${currency} a ${workshop.distance_unit}`,
          value: workshop.mileage_rate ?? "",
          why: t("groups.wearFuelTogetherCounts"),
        },
        {
          name: "delivery",
          label: t("groups.usualDelivery"),
          unit: currency,
          value: workshop.delivery?.typed ?? "",
          why: t("groups.whatCostsYouBring"),
        },
        {
          name: "rent",
          label: t("groups.usualBoothRent"),
          unit: t("groups.piece", { currency }),
          value: workshop.rent?.typed ?? "",
          why: t("groups.piecesPartBoothsRent"),
        },
        {
          name: "places",
          label: t("groups.placesFloor"),
          unit: "pieces",
          value: workshop.places === null ? "" : String(workshop.places),
          why: t("groups.howManyPiecesThere"),
        },
        {
          name: "weekly_hours",
          label: t("groups.hoursWeek"),
          value: workshop.weekly_hours?.text ?? "",
          why: t("groups.workBenchAllPeople"),
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
            { key: "bench", label: t("groups.benchOnly") },
            { key: "all", label: t("groups.alsoFetchingPhotographingSelling") },
          ],
          why: t("groups.headlineFigureOtherStands"),
        },
        {
          name: "time_zone",
          label: t("groups.timeZone"),
          value: workshop.time_zone,
          options: lists.time_zones.map((zone) => ({ key: zone, label: zone })),
          why: t("groups.decidesWhichDayWork"),
        },
      ],
    },
    {
      title: t("groups.measures"),
      rules: [
        {
          name: "length_unit",
          label: t("groups.lengths"),
          value: workshop.length_unit,
          options: [
            { key: "mm", label: "millimetres" },
            { key: "in", label: t("groups.inches116") },
          ],
          why: t("groups.shownMeantWhereUnit"),
        },
      ],
    },
  ];
}
