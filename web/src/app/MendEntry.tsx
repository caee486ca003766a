// An entry that was refused, with its words and figures to change: what was wrong stands beside the field it names. Mended, it is
// told under a new key.
import { newKey } from "../api/client";
import type { Entry } from "../api/device/store";
import type { FieldSpec } from "../kit/fields";
import { FormDialog } from "../kit/FormDialog";

const LABELS: Record<string, string> = {
  what: "What",
  amount: "Amount",
  effort: "How long it took",
  left: "How much is left",
  share: "Part of it",
  reason: "Why it may be done so early",
  spent_on: "Day",
  worked_on: "Day",
};

type Body = Record<string, unknown>;

// Fields that are text, and those that the refusal names.
function fieldsOf(body: Body, named: string[]): FieldSpec[] {
  const texts = Object.keys(body).filter(
    (name) => typeof body[name] === "string" && !["from", "to", "step"].includes(name),
  );
  return [...new Set([...named.filter((name) => !(name in body) || texts.includes(name)), ...texts])].map((name) => ({
    name,
    label: LABELS[name] ?? name.charAt(0).toUpperCase() + name.slice(1).replaceAll("_", " "),
    kind: "text",
  }));
}

type Props = { entry: Entry; onClose: () => void; onMended: (entry: Entry) => Promise<void> };

export function MendEntry({ entry, onClose, onMended }: Props) {
  const body = (typeof entry.body === "string" ? JSON.parse(entry.body) : {}) as Body;
  const named = (entry.refused?.errors ?? []).flatMap((error) => (error.field ? [error.field] : []));
  const fields = fieldsOf(body, named);
  return (
    <FormDialog
      title={`Mend: ${entry.what}`}
      submit="Tell it again"
      fields={fields}
      initial={Object.fromEntries(
        fields.map(({ name }) => [name, typeof body[name] === "string" ? String(body[name]) : ""]),
      )}
      extra={entry.refused?.detail}
      onClose={onClose}
      onSubmit={async (values) => {
        const filled = Object.entries(values).filter(([name, text]) => text !== "" || name in body);
        const mended =
          typeof entry.body === "string" ? JSON.stringify({ ...body, ...Object.fromEntries(filled) }) : entry.body;
        await onMended({ ...entry, body: mended, key: newKey(), refused: undefined });
      }}
    />
  );
}
