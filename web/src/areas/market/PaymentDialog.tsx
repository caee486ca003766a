// Part of a price that was paid.
import { api } from "../../api/client";
import { FormDialog } from "../../kit/FormDialog";
import { useSave } from "../../kit/session/useSave";

type Props = { piece: { id: number; name: string }; currency: string; onClose: () => void };

export function PaymentDialog({ piece, currency, onClose }: Props) {
  const save = useSave();
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
        await save(
          api.POST("/api/pieces/{id}/payments", { params: { path: { id: piece.id } }, body: { amount, on, note } }),
          (made) => `${made.amount?.text} paid`,
        );
        onClose();
      }}
    />
  );
}
