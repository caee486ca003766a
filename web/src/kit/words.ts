// The words of the house, each in a sentence: where one stands under a dotted line, and all of them on the page of
// how it all fits together.
import { t } from "../locales/kit";
export const WORDS = {
  asking: [t("words.askingPrice"), t("words.priceAskUsualEnding")],
  break_even: [t("words.breakEven"), t("words.priceJustCoversWhat")],
  cash_in: [t("words.spentSoFar"), t("words.everythingYouvePaidSo")],
  cash_profit: [t("words.cashProfit"), t("words.whatReceivedMinusWhat")],
  days_strip: [t("words.timeline"), t("words.piecesDaysBuyingSelling")],
  fetch: [t("words.likelyPrice"), t("words.whatLikelySellBased")],
  finding: [t("words.problem"), t("words.somethingNoticedWhenInspected")],
  floor: [t("words.lowestPrice"), t("words.coversAllCostsMinimum")],
  hourly_pay: [t("words.hourlyPay"), t("words.profitDividedHours")],
  hours: [t("words.hours"), t("words.hoursWorkTimersWhat")],
  hold: [t("words.hold"), t("words.reservedBuyerUntilCertain")],
  look: [t("words.look"), t("words.howPieceWillEnd")],
  need: [t("words.whatNeed"), t("words.pricesNeedBreakEven")],
  price_tape: [t("words.priceTape"), t("words.oneScaleEverythingDecides")],
  session: [t("words.session"), t("words.stretchWorkingTimeFits")],
  set: [t("words.set"), t("words.piecesSellTogetherLike")],
  stash: [t("words.stash"), t("words.partsSalvagedGivenThey")],
  sundries: [t("words.sundries"), t("words.sandpaperRagsTapeFlat")],
  target: [t("words.targetPrice"), t("words.coversAllCostsTarget")],
  ticket: [t("words.ticket"), t("words.piecesNumberPrintQr")],
  turnaround: [t("words.daysSell"), t("words.daysBuyingSellingDrying")],
  zone: [t("words.zone"), t("words.partPieceOwnFinish")],
} as const satisfies Record<string, readonly [string, string]>;

export type Word = keyof typeof WORDS;
