// A kind of finding of the workshop's own, for the list.
import { api } from "../../api/client";
import type { Catalogue, Workshop } from "../../api/types";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { useSave } from "../../kit/session/useSave";

type Props = { workshop: Workshop; catalogue: Catalogue; stop: string; onClose: () => void };

export function OwnFindingDialog({ workshop, catalogue, stop, onClose }: Props) {
  const save = useSave();
  const fields: FieldSpec[] = [
    { name: "label", label: "What is found", kind: "text" },
    {
      name: "walk",
      label: "Where on the walk",
      kind: "select",
      half: true,
      options: catalogue.walk.map(({ key, label }) => ({ key, label })),
    },
    { name: "work_kind", label: "Kind of work", kind: "select", half: true, options: workshop.lists.work_kinds },
    { name: "says", label: "What it means for the plan", kind: "text" },
    { name: "treatment", label: "What is done about it", kind: "text" },
    { name: "time", label: "Time it takes", kind: "effort", bare: "min", half: true },
    { name: "wait", label: "Wait after it", kind: "effort", bare: "h", half: true, help: "leave blank if none" },
  ];
  return (
    <FormDialog
      title="A finding of your own"
      submit="Add to the list"
      fields={fields}
      initial={{ walk: stop, work_kind: "repair" }}
      onClose={onClose}
      onSubmit={async ({ label = "", walk = "", says = "", work_kind = "", time = "", ...rest }) => {
        await save(
          api.POST("/api/own-findings", { body: { label, walk, says, work_kind, time, ...rest } }),
          `${label} added to the list`,
        );
        onClose();
      }}
    />
  );
}
