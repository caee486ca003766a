// Part of a price that was paid.
import { api, ask } from "../../api/client";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";

type Props = { piece: { id: number; name: string }; currency: string; onClose: () => void };

export function PaymentDialog({ piece, currency, onClose }: Props) {
  const { done, remove } = useUndo();
  return (
    <FormDialog
      title={`Part payment for ${piece.name}`}
      submit="Note it"
      fields={[
        { name: "amount", label: "Paid", kind: "text", unit: currency, half: true },
        { name: "on", label: "On", kind: "date", half: true },
        { name: "note", label: "Note", kind: "text" },
      ]}
      onClose={onClose}
      onSubmit={async ({ amount = "", on = "", note = "" }) => {
        const made = await ask(
          api.POST("/api/pieces/{id}/payments", { params: { path: { id: piece.id } }, body: { amount, on, note } }),
        );
        done(`${made.amount?.text} paid`, () =>
          remove(api.DELETE("/api/payments/{id}", { params: { path: { id: made.id } } })),
        );
        onClose();
      }}
    />
  );
}
