// Putting containers on the shelf, or correcting one.
import { api, ask, undoOf } from "../../api/client";
import { useCatalogue, useWorkshop } from "../../api/queries";
import type { Container } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";

type Props = { product: string | null; container?: Container; start?: Values; currency: string; onClose: () => void };

export function ContainerDialog({ product, container, start = {}, currency, onClose }: Props) {
  const catalogue = useCatalogue();
  const today = useWorkshop().data?.today.iso;
  const measures = useWorkshop().data?.measures;
  const { done } = useUndo();
  if (!catalogue.data || !today) return null;
  const options = catalogue.data.products.map(({ key, label }) => ({ key, label }));
  const coloured = catalogue.data.products.filter((one) => one.colours).map((one) => one.key);
  const begun = container && container.left !== container.size;
  const fields: FieldSpec[] = [
    // A tin that was not begun can be another one: it was exchanged at the shop.
    { name: "product", label: "What", kind: "select", options, hidden: begun },
    {
      name: "colour",
      label: "Colour",
      kind: "colour",
      help: "not said",
      hidden: begun,
      onlyFor: { product: coloured },
    },
    { name: "size", label: "Holds", kind: "text", half: true, help: `${measures?.volume}; ${measures?.mass}; 10` },
    { name: "paid", label: "Paid for it", kind: "text", unit: currency, half: true },
    { name: "value", label: "Worth, if a gift", kind: "text", unit: currency, half: true },
    { name: "count", label: "How many alike", kind: "text", half: true, hidden: container !== undefined },
    { name: "bought_on", label: "Bought", kind: "date", half: true },
    { name: "opened_on", label: "Opened", kind: "date", half: true },
    { name: "keeps_until", label: "Keeps until", kind: "date", half: true },
    { name: "place", label: "Where it stands", kind: "text", half: true },
    {
      name: "opening",
      label: "Since when",
      kind: "select",
      half: true,
      hidden: container !== undefined,
      options: [
        { key: "", label: "bought now" },
        { key: "yes", label: "there from the start" },
      ],
    },
    { name: "note", label: "Note", kind: "text" },
  ];
  const save = async (values: Values) => {
    const { product: key = "", size = "", count = "", opening = "", colour: said = "", ...rest } = values;
    const colour = coloured.includes(key) ? said : "";
    if (container) {
      const path = { params: { path: { id: container.id } } };
      await ask(api.PATCH("/api/containers/{id}", { ...path, body: { product: key, size, colour, ...rest } }));
      done(`${container.label} corrected`, () =>
        ask(api.PATCH("/api/containers/{id}", { ...path, body: container.fields })),
      );
    } else {
      const made = await ask(
        api.POST("/api/containers", {
          body: { product: key, size, colour, count, opening: opening === "yes", ...rest },
        }),
      );
      const label = options.find((one) => one.key === key)?.label ?? "";
      done(`${label} put on the shelf`, undoOf(made));
    }
    onClose();
  };
  const [plain = "", colour = ""] = (product ?? "paint_all").split("@"); // a material is a product in a colour
  const initial = container?.fields ?? { product: plain, colour, count: "1", bought_on: today, ...start };
  return (
    <FormDialog
      title={container ? `Correct ${container.label}` : "Put on the shelf"}
      submit={container ? "Save" : "Put it there"}
      fields={fields}
      initial={initial}
      onClose={onClose}
      onSubmit={save}
    />
  );
}
