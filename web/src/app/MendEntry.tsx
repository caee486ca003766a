// An entry that was refused, with its words and figures to change: what was wrong stands beside the field it names.
// Mended, it is told under a new key.
import { newKey } from "../api/client";
import type { Entry } from "../api/device/store";
import type { FieldSpec, Values } from "../kit/fields";
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
type Texts = Record<string, string>; // by where they stand: "what", "lines/0/amount"

const PARTS: Record<string, string> = { lines: "Line", rows: "Entry" };
const FIXED = ["from", "to", "step"];

// All that is text in what was noted.
function textsOf(value: unknown, at = ""): Texts {
  if (typeof value === "string") return at && !FIXED.includes(at.split("/").pop() ?? "") ? { [at]: value } : {};
  if (typeof value !== "object" || value === null) return {};
  const inner = Object.entries(value).map(([name, one]) => textsOf(one, at ? `${at}/${name}` : name));
  return Object.assign({}, ...inner) as Texts;
}

const valueAt = (body: unknown, names: string[]) =>
  names.reduce<unknown>((one, name) => (one as Body | undefined)?.[name], body);

// The same with other texts; one that is empty and was not there is left out.
function withTexts(body: Body, texts: Values): Body {
  const copy = structuredClone(body);
  for (const [at, text] of Object.entries(texts)) {
    const names = at.split("/");
    const name = names.pop() ?? "";
    const holder = valueAt(copy, names) as Body | undefined;
    if (holder && (text !== "" || name in holder)) holder[name] = text;
  }
  return copy;
}

// "Line 2: amount".
function labelOf(at: string): string {
  const [part = "", place, ...rest] = at.split("/");
  const name = rest.pop() ?? part;
  const label = LABELS[name] ?? name.charAt(0).toUpperCase() + name.slice(1).replaceAll("_", " ");
  if (place === undefined) return label;
  return `${PARTS[part] ?? part} ${Number(place) + 1}: ${label.charAt(0).toLowerCase()}${label.slice(1)}`;
}

type Props = { entry: Entry; onClose: () => void; onMended: (entry: Entry) => Promise<void> };

export function MendEntry({ entry, onClose, onMended }: Props) {
  const body = (typeof entry.body === "string" ? JSON.parse(entry.body) : {}) as Body;
  const named = (entry.refused?.errors ?? []).flatMap((error) => (error.field ? [error.field] : []));
  const texts = textsOf(body);
  const missing = named.filter((at) => valueAt(body, at.split("/")) === undefined);
  const fields = [...new Set([...named.filter((at) => at in texts), ...missing, ...Object.keys(texts)])].map(
    (at): FieldSpec => ({ name: at, label: labelOf(at), kind: "text" }),
  );
  return (
    <FormDialog
      title={`Mend: ${entry.what}`}
      submit="Tell it again"
      fields={fields}
      initial={texts}
      extra={entry.refused?.detail}
      onClose={onClose}
      onSubmit={async (values) => {
        const mended = typeof entry.body === "string" ? JSON.stringify(withTexts(body, values)) : entry.body;
        await onMended({ ...entry, body: mended, key: newKey(), refused: undefined });
      }}
    />
  );
}
