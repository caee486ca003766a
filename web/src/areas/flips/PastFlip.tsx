// A flip finished long ago, in one form: what is not known is left blank.
import { useNavigate } from "react-router";
import { api, ask } from "../../api/client";
import type { Workshop } from "../../api/types";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { useUndo } from "../../kit/session/undo";
import { t } from "../../locales/flips";

const fields = (workshop: Workshop): FieldSpec[] => {
  const money = (name: string, label: string, help?: string): FieldSpec => ({
    name,
    label,
    kind: "text",
    unit: workshop.symbol,
    half: true,
    help,
  });
  const day = (name: string, label: string): FieldSpec => ({ name, label, kind: "date", half: true });
  return [
    { name: "name", label: t("pastFlip.what"), kind: "text" },
    { name: "kind", label: t("pastFlip.kind"), kind: "kind", lists: workshop.lists },
    { name: "kind_form", label: t("pastFlip.form"), kind: "text", hidden: true },
    { name: "source", label: t("pastFlip.bought"), kind: "suggest", suggestions: workshop.lists.sources },
    day("bought_on", t("pastFlip.bought2")),
    money("purchase", t("pastFlip.pricePaid"), t("pastFlip.n0IfFreeLeave")),
    money("materials", t("pastFlip.materials")),
    money("hardware", t("pastFlip.hardware")),
    money("other_costs", t("pastFlip.otherCosts")),
    {
      name: "hours",
      label: t("pastFlip.hoursWorked"),
      kind: "text",
      unit: "h",
      half: true,
      help: t("pastFlip.like975"),
    },
    day("listed_on", t("pastFlip.listed")),
    money("asking_price", t("pastFlip.asked")),
    day("sold_on", t("pastFlip.sold")),
    money("sale_price", t("pastFlip.sold2")),
    money("fees", t("pastFlip.fees")),
    {
      name: "channel",
      label: t("pastFlip.whereSold"),
      kind: "suggest",
      suggestions: workshop.lists.channels,
      half: true,
    },
    { name: "notes", label: t("pastFlip.notes"), kind: "multiline" },
  ];
};

export default function PastFlip({ workshop, onClose }: { workshop: Workshop; onClose: () => void }) {
  const navigate = useNavigate();
  const { done } = useUndo();
  return (
    <FormDialog
      title={t("pastFlip.addPastFlip")}
      submit={t("pastFlip.saveFlip")}
      fields={fields(workshop)}
      onClose={onClose}
      onSubmit={async (values) => {
        const { name = "", ...rest } = values;
        const piece = await ask(api.POST("/api/past-flips", { body: { name, ...rest } }));
        done(t("pastFlip.recorded", { name, ticket: piece.ticket }), () =>
          ask(api.DELETE("/api/pieces/{id}", { params: { path: { id: piece.id } } })).then(() => navigate("/floor")),
        );
        onClose();
        void navigate(`/pieces/${piece.id}`);
      }}
    />
  );
}
