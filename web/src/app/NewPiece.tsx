// Recording a new piece, from anywhere.
import { useNavigate } from "react-router";
import { api, ask } from "../api/client";
import { useToday, useWorkshop } from "../api/queries";
import { FormDialog } from "../kit/FormDialog";
import { pieceFields } from "../kit/pieceFields";
import { useUndo } from "./undo";

export default function NewPiece({ onClose }: { onClose: () => void }) {
  const workshop = useWorkshop();
  const today = useToday();
  const navigate = useNavigate();
  const { done } = useUndo();
  if (!workshop.data || !today.data) return null;
  return (
    <FormDialog
      title="Record a piece"
      submit="Record piece"
      fields={pieceFields(workshop.data, { brief: true })}
      initial={{ bought_on: today.data.date?.iso ?? "" }}
      onClose={onClose}
      onSubmit={async (values) => {
        const piece = await ask(api.POST("/api/pieces", { body: { ...values, name: values.name ?? "" } }));
        done(`${piece.fields.name} recorded as ${piece.ticket}`, () =>
          ask(api.DELETE("/api/pieces/{id}", { params: { path: { id: piece.id } } })).then(() => navigate("/floor")),
        );
        onClose();
        void navigate(`/pieces/${piece.id}`);
      }}
    />
  );
}
