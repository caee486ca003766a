// Moves a step to another session: the day before which it is not worked; empty, it goes where it fits.
import type { Step } from "../../api/types";
import { FormDialog } from "../../kit/FormDialog";
import { useMoveStep } from "../../kit/useMoveStep";

export function MoveStepDialog({ piece, step, onClose }: { piece: number; step: Step; onClose: () => void }) {
  const move = useMoveStep();
  return (
    <FormDialog
      title={`Move: ${step.label}`}
      submit="Move it"
      fields={[{ name: "day", label: "On", kind: "date", help: "leave blank to let it fall where it fits" }]}
      initial={{ day: step.on?.iso ?? "" }}
      onClose={onClose}
      onSubmit={async ({ day = "" }) => {
        await move({ piece_id: piece, step: step.key, label: step.label, day });
        onClose();
      }}
    />
  );
}
