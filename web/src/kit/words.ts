// The words of the house, each in a sentence: where one stands under a dotted line, and all of them on the page of
// how it all fits together.
import { t } from "../locales/kit";
export const WORDS = {
  asking: [t("words.askingPrice"), t("words.whatListingAsksGoes")],
  break_even: [t("words.breakEven"), t("words.priceWhichYouLose")],
  cash_in: [t("words.money"), t("words.whatPaidSoFar")],
  cash_profit: [t("words.cashProfit"), t("words.whatReceivedLessMoney")],
  days_strip: [t("words.daysStrip"), t("words.piecesDaysBoughtSold")],
  fetch: [t("words.fetch"), t("words.whatMarketLikelyGive")],
  finding: [t("words.finding"), t("words.whatYouSawWhile")],
  floor: [t("words.floorPrice"), t("words.coversAllCostsLeast")],
  hourly_pay: [t("words.payHour"), t("words.profitDividedHoursTook")],
  hours: [t("words.hours"), t("words.benchTimersWhatYou")],
  hold: [t("words.hold"), t("words.keptBuyerUntilDay")],
  look: [t("words.look"), t("words.howPieceEndEach")],
  need: [t("words.need"), t("words.whatPieceHasBring")],
  price_tape: [t("words.priceTape"), t("words.oneScaleMoneyAll")],
  session: [t("words.session"), t("words.stretchWorkingTimePlan")],
  set: [t("words.set"), t("words.piecesSellTogetherPair")],
  stash: [t("words.stash"), t("words.whatSalvagedGivenCosts")],
  sundries: [t("words.sundries"), t("words.paperClothsTapeFlat")],
  target: [t("words.targetPrice"), t("words.coversAllCostsPay")],
  ticket: [t("words.ticket"), t("words.piecesNumberPrintedQr")],
  turnaround: [t("words.turnaround"), t("words.daysBoughtSoldDrying")],
  zone: [t("words.zone"), t("words.partPieceFinishedItself")],
} as const satisfies Record<string, readonly [string, string]>;

export type Word = keyof typeof WORDS;
