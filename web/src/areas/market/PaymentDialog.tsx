// Part of a price that was paid.
import { api } from "../../api/client";
import { FormDialog } from "../../kit/FormDialog";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/market";

type Props = { piece: { id: number; name: string }; currency: string; onClose: () => void };

export function PaymentDialog({ piece, currency, onClose }: Props) {
  const save = useSave();
  return (
    <FormDialog
      title={t("paymentDialog.deposit", { piece: piece.name })}
      submit={t("paymentDialog.addDeposit")}
      fields={[
        { name: "amount", label: t("paymentDialog.paid"), kind: "text", unit: currency, half: true },
        { name: "on", label: t("paymentDialog.on"), kind: "date", half: true },
        { name: "note", label: t("paymentDialog.note"), kind: "text" },
      ]}
      onClose={onClose}
      onSubmit={async ({ amount = "", on = "", note = "" }) => {
        await save(
          api.POST("/api/pieces/{id}/payments", { params: { path: { id: piece.id } }, body: { amount, on, note } }),
          (made) => t("paymentDialog.depositRecorded", { amount: made.amount?.text }),
        );
        onClose();
      }}
    />
  );
}
