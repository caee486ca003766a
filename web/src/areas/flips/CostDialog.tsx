// Recording a cost, for one piece or shared over several, or correcting it.
import { useRef } from "react";
import { useFormContext, useWatch } from "react-hook-form";
import { api, undoOf } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import type { Cost, CostCategory, Covers as Covered, Workshop } from "../../api/types";
import { Covers } from "../../kit/Covers";
import { useUndo } from "../../kit/session/undo";
import { useTell } from "../../kit/session/useTell";
import { type Named, type ShareInput, startWith, type Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { costFields } from "../../kit/workFields";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/flips";

type Props = { cost?: Cost; piece: Named; workshop: Workshop; onClose: () => void };

const body = (values: Values, pieces: ShareInput[]) => ({
  what: values.what ?? "",
  ...(values.category ? { category: values.category as CostCategory } : {}),
  amount: values.amount ?? "",
  spent_on: values.spent_on ?? "",
  pieces,
});
const typed = (cost: Cost): Values => ({
  what: cost.what,
  category: cost.category,
  amount: cost.amount?.typed ?? "",
  spent_on: cost.spent_on?.iso ?? "",
});
const shares = (cost: Cost): ShareInput[] =>
  cost.shares.map((share) => ({ piece_id: share.piece_id, weight: share.weight, name: share.name }));

// Asks what the cost covers, by what stands in the form.
function Covering({ pieces, onChange }: { pieces: ShareInput[]; onChange: (covers: Covered | undefined) => void }) {
  const { control } = useFormContext<Values>();
  const [what = "", category = ""] = useWatch({ control, name: ["what", "category"] });
  return <Covers pieces={pieces.map((one) => one.piece_id)} what={what} category={category} onChange={onChange} />;
}

export function CostDialog({ cost, piece, workshop, onClose }: Props) {
  const today = useWorkshop().data?.today.iso;
  const save = useSave();
  const { done } = useUndo();
  const tell = useTell();
  const covers = useRef<Covered | undefined>(undefined);
  if (!today) return null;
  return (
    <FormDialog
      title={cost ? t("costDialog.editCost") : t("costDialog.addCost")}
      submit={cost ? t("costDialog.save") : t("costDialog.addCost")}
      fields={costFields(workshop)}
      initial={cost ? typed(cost) : { spent_on: today }}
      initialPieces={cost ? shares(cost) : startWith(piece)}
      onClose={onClose}
      another={!cost}
      extra={
        cost
          ? undefined
          : (pieces: ShareInput[]) => <Covering pieces={pieces} onChange={(covered) => (covers.current = covered)} />
      }
      onSubmit={async (values, pieces, again) => {
        if (cost) {
          const path = { params: { path: { id: cost.id } } };
          await save(
            api.PATCH("/api/costs/{id}", { ...path, body: body(values, pieces) }),
            t("costDialog.costChanged"),
          );
        } else {
          await tell(
            {
              what: `${values.what}, ${values.amount}`,
              today: values.spent_on === today ? ["spent_on"] : [],
            },
            (how) => {
              const covered = covers.current;
              const sent = { ...body(values, pieces), ...(covered ? { covers: covered } : {}) };
              return api.POST("/api/costs", { body: sent, ...how });
            },
            (made) =>
              done(
                t("costDialog.recorded", { what: made.what, amount: made.amount?.text, currency: workshop.symbol }),
                undoOf(made),
              ),
          );
        }
        if (!again) onClose();
      }}
    />
  );
}
