// Buying a spotted piece, letting it go with its reason, or noting that somebody else took it.
import { api } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import type { Prospect, Workshop } from "../../api/types";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { useBuy } from "./useBuy";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/scout";

export type Closing = "buy" | "let_go" | "gone";
const WORDS: Record<Closing, string> = {
  buy: t("closingDialog.buyAnotherPrice"),
  let_go: t("closingDialog.pass"),
  gone: t("closingDialog.someoneElseGot"),
};
const REASONS = [
  t("closingDialog.tooMuchWork"),
  t("closingDialog.tooExpensive"),
  t("closingDialog.wouldntFit"),
  t("closingDialog.smellWoodworm"),
  t("closingDialog.space"),
  t("closingDialog.hardSellHere"),
];

type Props = { closing: Closing; prospect: Prospect; workshop: Workshop; onClose: () => void };

export function ClosingDialog({ closing, prospect, workshop, onClose }: Props) {
  const today = useWorkshop().data?.today.iso;
  const save = useSave();
  const buy = useBuy(prospect.id ?? 0, prospect.title);
  if (!today || prospect.id === null) return null;
  const path = { params: { path: { id: prospect.id } } };
  const date: FieldSpec = { name: "on", label: t("closingDialog.date"), kind: "date", half: true };
  const many = Number(prospect.fields.count) > 1;
  const fields: FieldSpec[] =
    closing === "buy"
      ? [
          {
            name: "price",
            label: t("closingDialog.price"),
            kind: "text",
            unit: workshop.symbol,
            half: true,
            help: many ? t("closingDialog.allThem0If") : t("closingDialog.n0IfFree"),
          },
          date,
        ]
      : [
          {
            name: "reason",
            label: closing === "gone" ? t("closingDialog.whatHappenedIfKnow") : t("closingDialog.why"),
            kind: "suggest",
            suggestions: closing === "gone" ? [] : REASONS,
          },
          date,
        ];
  return (
    <FormDialog
      title={`${WORDS[closing]}: ${prospect.title}`}
      submit={closing === "buy" ? t("closingDialog.recordPurchase") : WORDS[closing]}
      fields={fields}
      initial={{ on: today, price: prospect.fields.tag ?? "" }}
      onClose={onClose}
      onSubmit={async (values) => {
        if (closing === "buy") {
          await buy({ price: values.price, on: values.on });
          return;
        }
        await save(
          api.POST("/api/prospects/{id}/close", {
            ...path,
            body: { state: closing, reason: values.reason ?? "", on: values.on },
          }),
          `${prospect.title} ${closing === "gone" ? t("closingDialog.markedGone") : t("closingDialog.passed")}`,
        );
        onClose();
      }}
    />
  );
}
