// What holds for a look as a whole.
import { api, ask, undoOf } from "../../api/client";
import type { Catalogue, Look, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { withChanges } from "../../kit/withChanges";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";

type Props = { look: Look; catalogue: Catalogue; workshop: Workshop; onClose: () => void };

export function LookDialog({ look, catalogue, workshop, onClose }: Props) {
  const { done } = useUndo();
  const primers = catalogue.products.filter((one) => one.kind === "primer").map(({ key, label }) => ({ key, label }));
  const fields: FieldSpec[] = [
    { name: "name", label: "Name of the look", kind: "text" },
    { name: "wear", label: "Made for", kind: "select", half: true, options: catalogue.wears },
    { name: "inside", label: "Inside and drawers", kind: "select", half: true, options: catalogue.insides },
    {
      name: "lined",
      label: "Drawers to line",
      kind: "text",
      half: true,
      help: "how many; blank for all",
      onlyFor: { inside: ["liner"] },
    },
    {
      name: "primer",
      label: "Primer",
      kind: "select",
      half: true,
      options: [{ key: "auto", label: "where it is called for" }, { key: "none", label: "none" }, ...primers],
    },
    { name: "hardware", label: "Hardware", kind: "select", half: true, options: catalogue.hardware },
    { name: "pulls", label: "Pulls in all", kind: "text", half: true, help: "leave blank: one on each front and door" },
    {
      name: "spacing",
      label: "Spacing of new pulls",
      kind: "text",
      half: true,
      unit: workshop.length_unit,
      help: "between the holes of one",
    },
    { name: "hardware_on", label: "New hardware comes on", kind: "date", half: true },
    { name: "hardware_price", label: "New hardware costs", kind: "text", half: true, unit: workshop.currency },
    {
      name: "expected_resale",
      label: "Expected resale so",
      kind: "text",
      half: true,
      unit: workshop.currency,
      help: "leave blank: as the piece",
    },
  ];
  const before = look.fields as Values;
  const path = { params: { path: { id: look.id } } };
  return (
    <FormDialog
      title={`The look: ${look.name}`}
      submit="Save look"
      fields={fields}
      initial={before}
      onClose={onClose}
      onSubmit={async (values) => {
        const changed = Object.fromEntries(Object.entries(values).filter(([name, value]) => value !== before[name]));
        const saved = await ask(
          api.PATCH("/api/looks/{id}", { ...path, body: { ...changed, lock_version: look.lock_version } }),
        );
        done(withChanges("Look saved", saved.changes), undoOf(saved));
        onClose();
      }}
    />
  );
}
