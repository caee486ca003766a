// Buying a spotted piece, letting it go with its reason, or noting that somebody else took it.
import { api } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import type { Prospect, Workshop } from "../../api/types";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { useBuy } from "./useBuy";
import { useSave } from "../../kit/session/useSave";

export type Closing = "buy" | "let_go" | "gone";
const WORDS: Record<Closing, string> = { buy: "Buy it at another price", let_go: "Let it go", gone: "It is gone" };
const REASONS = ["too much work", "too dear", "would not fit", "smell or worm", "no room", "could not sell it here"];

type Props = { closing: Closing; prospect: Prospect; workshop: Workshop; onClose: () => void };

export function ClosingDialog({ closing, prospect, workshop, onClose }: Props) {
  const today = useWorkshop().data?.today.iso;
  const save = useSave();
  const buy = useBuy(prospect.id ?? 0, prospect.title);
  if (!today || prospect.id === null) return null;
  const path = { params: { path: { id: prospect.id } } };
  const date: FieldSpec = { name: "on", label: "Date", kind: "date", half: true };
  const many = Number(prospect.fields.count) > 1;
  const fields: FieldSpec[] =
    closing === "buy"
      ? [
          {
            name: "price",
            label: "Price",
            kind: "text",
            unit: workshop.currency,
            half: true,
            help: many ? "for all of them; 0 if free" : "0 if free",
          },
          date,
        ]
      : [
          {
            name: "reason",
            label: closing === "gone" ? "What happened, if known" : "Why",
            kind: "suggest",
            suggestions: closing === "gone" ? [] : REASONS,
          },
          date,
        ];
  return (
    <FormDialog
      title={`${WORDS[closing]}: ${prospect.title}`}
      submit={closing === "buy" ? "Record purchase" : WORDS[closing]}
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
          `${prospect.title} ${closing === "gone" ? "noted as gone" : "let go"}`,
        );
        onClose();
      }}
    />
  );
}
