// Recording a new piece, from anywhere.
import { useNavigate } from "react-router";
import { api, ask } from "../api/client";
import { useWorkshop } from "../api/queries";
import { FormDialog } from "../kit/FormDialog";
import { pieceFields } from "../kit/pieceFields";
import { useUndo } from "../kit/session/undo";
import { t } from "../locales/app";

export default function NewPiece({ onClose }: { onClose: () => void }) {
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const { done } = useUndo();
  if (!workshop.data) return null;
  return (
    <FormDialog
      title={t("newPiece.recordPiece")}
      submit={t("newPiece.savePiece")}
      fields={pieceFields(workshop.data, { brief: true })}
      initial={{ bought_on: workshop.data.today.iso, count: "1" }}
      onClose={onClose}
      onSubmit={async ({ count = "1", ...values }) => {
        if (count.trim() !== "1" && count.trim() !== "") {
          const { bought_on, source, purchase, name = "", ...rest } = values;
          const members = [{ ...rest, name, count }];
          const lot = await ask(
            api.POST("/api/lots", { body: { name, bought_on, source, price: purchase, share_rule: "equal", members } }),
          );
          done(
            t("newPiece.piecesRecorded", {
              count: lot.members.length,
              ticket: lot.members[0]?.ticket,
              ticket2: lot.members[lot.members.length - 1]?.ticket,
            }),
            () =>
              ask(api.DELETE("/api/lots/{id}", { params: { path: { id: lot.id } } })).then(() => navigate("/floor")),
          );
          onClose();
          void navigate(`/scout/lots/${lot.id}`);
          return;
        }
        const piece = await ask(api.POST("/api/pieces", { body: { ...values, name: values.name ?? "" } }));
        done(t("newPiece.recorded", { fields: piece.fields.name, ticket: piece.ticket }), () =>
          ask(api.DELETE("/api/pieces/{id}", { params: { path: { id: piece.id } } })).then(() => navigate("/floor")),
        );
        onClose();
        void navigate(`/pieces/${piece.id}`);
      }}
    />
  );
}
