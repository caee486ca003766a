// What others ask and get for pieces of the kind; each is entered once and counts for all of them.
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api } from "../../api/client";
import type { Comparable } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Entries, Entry } from "../../kit/Entry";
import { FormDialog } from "../../kit/FormDialog";
import { Part } from "../../kit/Part";
import { SmallPhotos } from "../../kit/photos/SmallPhotos";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/market";

const LIKENESS = [
  { key: "3", label: t("comparablesPart.justLike") },
  { key: "2", label: t("comparablesPart.muchLike") },
  { key: "1", label: t("comparablesPart.somewhatLike") },
];
const SOLD: { key: "yes" | "no"; label: string }[] = [
  { key: "no", label: t("comparablesPart.asking") },
  { key: "yes", label: t("comparablesPart.sold") },
];
const typed = (one: Comparable) => ({
  what: one.what,
  price: one.price?.typed ?? "",
  sold: one.sold ? ("yes" as const) : ("no" as const),
  likeness: String(one.likeness),
  condition: one.condition,
  seen_on: one.seen_on?.iso ?? "",
  place: one.place,
  note: one.note,
});

type Props = { id: number; rows: Comparable[]; note: string; currency: string; kind: string };

export function ComparablesPart({ id, rows, note, currency, kind }: Props) {
  const [editing, setEditing] = useState<Comparable | "new" | null>(null);
  const save = useSave();
  const { remove } = useUndo();
  const one = editing === "new" ? null : editing;
  return (
    <Part
      title={kind ? t("comparablesPart.similarPieces", { kind }) : t("comparablesPart.similarPieces2")}
      action={<Button onClick={() => setEditing("new")}>{t("comparablesPart.addOneSaw")}</Button>}
    >
      {rows.length === 0 ? (
        <Typography sx={{ color: "text.secondary" }}>{t("comparablesPart.noneYetAddWhat")}</Typography>
      ) : (
        <Entries>
          {rows.map((row) => (
            <Entry
              key={row.id}
              day={row.seen_on?.text ?? ""}
              name={row.what}
              amount={`${row.price?.text} ${row.sold ? "got" : "asked"}`}
              extra={<SmallPhotos owner={{ comparable_id: row.id }} name={row.what} photos={row.photos} />}
              onCorrect={() => setEditing(row)}
              onRemove={() => remove(api.DELETE("/api/comparables/{id}", { params: { path: { id: row.id } } }))}
            >
              {[row.what, row.likeness_label, row.condition, row.place, row.note].filter(Boolean).join(", ")}
            </Entry>
          ))}
        </Entries>
      )}
      <Typography variant="caption" component="p" sx={{ color: "text.secondary", mt: 1 }}>
        {t("comparablesPart.askingPrices", { note })}
      </Typography>
      {editing && (
        <FormDialog
          title={one ? t("comparablesPart.edit") : t("comparablesPart.similarPiece")}
          submit={one ? t("comparablesPart.save") : t("comparablesPart.add")}
          fields={[
            { name: "what", label: t("comparablesPart.what"), kind: "text" },
            { name: "price", label: t("comparablesPart.price"), kind: "text", unit: currency, half: true },
            { name: "sold", label: t("comparablesPart.price2"), kind: "select", options: SOLD, half: true },
            { name: "likeness", label: t("comparablesPart.howSimilar"), kind: "select", options: LIKENESS, half: true },
            { name: "condition", label: t("comparablesPart.condition"), kind: "text", half: true },
            { name: "seen_on", label: t("comparablesPart.seen"), kind: "date", half: true },
            { name: "place", label: t("comparablesPart.where"), kind: "text", half: true },
            { name: "note", label: t("comparablesPart.note"), kind: "text" },
          ]}
          initial={one ? typed(one) : { sold: "no", likeness: "2" }}
          onClose={() => setEditing(null)}
          onSubmit={async (values) => {
            const body = {
              ...values,
              what: values.what ?? "",
              price: values.price ?? "",
              sold: values.sold === "yes" ? ("yes" as const) : ("no" as const),
            };
            if (one) {
              const path = { params: { path: { id: one.id } } };
              await save(
                api.PATCH("/api/comparables/{id}", { ...path, body }),
                t("comparablesPart.changed", { what: body.what }),
              );
            } else {
              const { seen_on, ...rest } = body as typeof body & { seen_on?: string };
              await save(
                api.POST("/api/pieces/{id}/comparables", { params: { path: { id } }, body: seen_on ? body : rest }),
                (made) => t("comparablesPart.added", { what: made.what }),
              );
            }
            setEditing(null);
          }}
        />
      )}
    </Part>
  );
}
