// The fields of a dated event: one form for a piece, a set, and a sale from the market.
import type { Workshop } from "../api/types";
import type { FieldSpec, Values } from "./fields";
import { t } from "../locales/kit";

// What an event carries, as it is sent.
type Said = {
  on?: { iso: string } | null;
  asking?: { typed: string } | null;
  channel?: string | null;
  sale?: Partial<Record<"price" | "tip" | "fee" | "delivery", { typed: string } | null>> | null;
  refund?: { amount?: { typed: string } | null; fee_back?: { typed: string } | null } | null;
};

// of: " of the set" where the price is one of several pieces.
// fresh: of a sale that is being recorded, its piece: the channel's fee is filled in.
export function eventFields(
  kind: string,
  workshop: Workshop,
  of = "",
  fresh?: { piece?: number } | undefined,
): FieldSpec[] {
  const unit = workshop.symbol;
  const money = (name: string, label: string): FieldSpec => ({ name, label, kind: "text", unit, half: true });
  const date: FieldSpec = { name: "on", label: t("eventFields.date"), kind: "date", half: true };
  const channel: FieldSpec = {
    name: "channel",
    label: t("eventFields.whereSell"),
    kind: "suggest",
    suggestions: workshop.lists.channels,
  };
  switch (kind) {
    case "listed":
      return [date, money("asking", t("eventFields.askingPrice", { of })), channel];
    case "price_changed":
      return [
        date,
        money("asking", of ? t("eventFields.askingPrice", { of }) : t("eventFields.newAskingPrice")),
        ...(of ? [channel] : []),
      ];
    case "sold":
      return [
        date,
        money("price", t("eventFields.salePrice", { of })),
        fresh ? { ...money("fee", t("eventFields.fee")), kind: "fee", ...fresh } : money("fee", t("eventFields.fee")),
        money("delivery", t("eventFields.delivery")),
        money("tip", t("eventFields.tip")),
        channel,
      ];
    case "refunded":
      return [date, money("amount", t("eventFields.refunded")), money("fee_back", t("eventFields.feeGotBack"))];
    default:
      return [date];
  }
}

const SETTLED = ["ready", "listed", "sold", "kept", "given_away"];

// What became of steps that nobody ticked, where the piece leaves the bench.
export function settling(kind: string, open: number): FieldSpec[] {
  if (!SETTLED.includes(kind) || open === 0) return [];
  return [
    {
      name: "open_steps",
      label: t("eventFields.stepsArentTickedOff", { count: open }),
      kind: "select",
      options: [
        { key: "done", label: t("eventFields.yesAllDone") },
        { key: "dropped", label: t("eventFields.skipped") },
      ],
      help: t("eventFields.eitherWayWorkLeft"),
    },
  ];
}

// The answer, as it is sent.
export const settled = ({ open_steps }: Values): { open_steps?: "done" | "dropped" } =>
  open_steps ? { open_steps: open_steps === "dropped" ? "dropped" : "done" } : {};

// Each field as it would be typed.
export const typedEvent = ({ on, asking, channel, sale, refund }: Said): Values => ({
  on: on?.iso ?? "",
  asking: asking?.typed ?? "",
  channel: channel ?? "",
  price: sale?.price?.typed ?? "",
  tip: sale?.tip?.typed ?? "",
  fee: sale?.fee?.typed ?? "",
  delivery: sale?.delivery?.typed ?? "",
  amount: refund?.amount?.typed ?? "",
  fee_back: refund?.fee_back?.typed ?? "",
});
