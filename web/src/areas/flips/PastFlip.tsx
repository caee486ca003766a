// A flip finished long ago, in one form: what is not known is left blank.
import { useNavigate } from "react-router";
import { api, ask } from "../../api/client";
import type { Workshop } from "../../api/types";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { useUndo } from "../../kit/session/undo";

const fields = (workshop: Workshop): FieldSpec[] => {
  const money = (name: string, label: string, help?: string): FieldSpec => ({
    name,
    label,
    kind: "text",
    unit: workshop.currency,
    half: true,
    help,
  });
  const day = (name: string, label: string): FieldSpec => ({ name, label, kind: "date", half: true });
  return [
    { name: "name", label: "What was it?", kind: "text" },
    { name: "kind", label: "Kind", kind: "kind", lists: workshop.lists },
    { name: "kind_form", label: "Form", kind: "text", hidden: true },
    { name: "source", label: "Where from", kind: "suggest", suggestions: workshop.lists.sources },
    day("bought_on", "Bought on"),
    money("purchase", "Price paid", "0 if free, leave blank if unsure"),
    money("materials", "Materials"),
    money("hardware", "Hardware"),
    money("other_costs", "Other costs"),
    { name: "hours", label: "Hours worked", kind: "text", unit: "h", half: true, help: "9, 7.5 or 8h30" },
    day("listed_on", "Listed on"),
    money("asking_price", "Asked"),
    day("sold_on", "Sold on"),
    money("sale_price", "Sold for"),
    money("fees", "Fees"),
    { name: "channel", label: "Channel", kind: "suggest", suggestions: workshop.lists.channels, half: true },
    { name: "notes", label: "Notes", kind: "multiline" },
  ];
};

export default function PastFlip({ workshop, onClose }: { workshop: Workshop; onClose: () => void }) {
  const navigate = useNavigate();
  const { done } = useUndo();
  return (
    <FormDialog
      title="A flip finished before"
      submit="Record flip"
      fields={fields(workshop)}
      onClose={onClose}
      onSubmit={async (values) => {
        const { name = "", ...rest } = values;
        const piece = await ask(api.POST("/api/past-flips", { body: { name, ...rest } }));
        done(`${name} recorded as ${piece.ticket}`, () =>
          ask(api.DELETE("/api/pieces/{id}", { params: { path: { id: piece.id } } })).then(() => navigate("/floor")),
        );
        onClose();
        void navigate(`/pieces/${piece.id}`);
      }}
    />
  );
}
