// The stash: what was salvaged, found or given. Nothing was paid; replacing it would cost something.
import Button from "@mui/material/Button";
import Pagination from "@mui/material/Pagination";
import LinearProgress from "@mui/material/LinearProgress";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import { useStash, useWorkshop } from "../../api/queries";
import type { StashItem } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Empty } from "../../kit/Empty";
import { Entries, Entry } from "../../kit/Entry";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { FormDialog } from "../../kit/FormDialog";
import { PageHead } from "../../kit/PageHead";
import { SHELF_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { SmallPhotos } from "../../kit/photos/SmallPhotos";
import { Quiet } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";

const typed = (item: StashItem) => ({
  name: item.name,
  count: String(item.count),
  value: item.value?.typed ?? "",
  origin: item.origin ?? "",
  got_on: item.got_on?.iso ?? "",
  kind: item.kind,
  ...item.measures,
});
const MEASURES = { spacing: "between holes", length: "long", width: "wide", thickness: "thick" } as const;
const measured = (item: StashItem, unit: string) =>
  (Object.keys(MEASURES) as (keyof typeof MEASURES)[])
    .filter((name) => item.measures[name])
    .map((name) => `${item.measures[name]} ${unit} ${MEASURES[name]}`);

export default function Stash() {
  const [page, setPage] = useState(1);
  const stash = useStash(page);
  const workshop = useWorkshop();
  const save = useSave();
  const { remove } = useUndo();
  const [editing, setEditing] = useState<StashItem | "new" | null>(null);
  if (stash.error && !isKept(stash)) return <Failure error={stash.error} again={() => void stash.refetch()} />;
  if (!stash.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { items, worth, unknown, total, per, kinds } = stash.data;
  const currency = workshop.data.currency;
  const item = editing === "new" ? null : editing;
  const button = (
    <Button variant="contained" onClick={() => setEditing("new")}>
      Put something by
    </Button>
  );
  return (
    <>
      <PageHead
        title="Stash"
        line={
          items.length
            ? `${worth?.text} ${currency} to replace all of it${unknown ? `, ${unknown} without a value` : ""}. Nothing was paid for it.`
            : "Salvaged, found, given."
        }
      >
        {button}
      </PageHead>
      <SubNav name="Shelf" pages={SHELF_PAGES} />
      {items.length === 0 ? (
        <Empty title="The stash is empty">
          <span>
            Legs off a scrapped table, pulls from a drawer, boards from the skip: put them by with what they would cost
            to replace.
          </span>
          {button}
        </Empty>
      ) : (
        <Entries>
          {items.map((one) => (
            <Entry
              key={one.id}
              day={one.got_on?.text ?? "no date"}
              name={one.name}
              amount={one.worth ? `${one.worth.text} ${currency}` : "no value"}
              extra={<SmallPhotos owner={{ stash_item_id: one.id }} name={one.name} photos={one.photos} />}
              onCorrect={() => setEditing(one)}
              onRemove={() => remove(api.DELETE("/api/stash/{id}", { params: { path: { id: one.id } } }))}
            >
              {one.left < one.count ? `${one.left} left of ${one.count}` : one.count} × {one.name}
              <Quiet component="span">
                {one.value && `, ${one.value.text} each`}
                {measured(one, workshop.data.length_unit).map((text) => `, ${text}`)}
                {one.lot ? (
                  <>
                    , from <Link to={`/scout/lots/${one.lot.id}`}>{one.lot.name}</Link>
                  </>
                ) : (
                  one.origin && `, from ${one.origin}`
                )}
              </Quiet>
            </Entry>
          ))}
        </Entries>
      )}
      {total > per && (
        <Pagination sx={{ mt: 2 }} count={Math.ceil(total / per)} page={page} onChange={(_, next) => setPage(next)} />
      )}
      {editing && (
        <FormDialog
          title={item ? "Correct the stash" : "Put something by"}
          submit={item ? "Save" : "Put it by"}
          fields={[
            { name: "name", label: "What", kind: "text" },
            { name: "count", label: "How many", kind: "text", half: true },
            { name: "kind", label: "It is a", kind: "select", options: kinds, half: true },
            {
              name: "spacing",
              label: "Between its holes",
              kind: "text",
              unit: workshop.data.length_unit,
              half: true,
              help: "centre to centre, of a pull",
            },
            { name: "length", label: "Length", kind: "text", unit: workshop.data.length_unit, half: true },
            { name: "width", label: "Width", kind: "text", unit: workshop.data.length_unit, half: true },
            { name: "thickness", label: "Thickness", kind: "text", unit: workshop.data.length_unit, half: true },
            {
              name: "value",
              label: "Replacing one",
              kind: "text",
              unit: currency,
              half: true,
              help: "leave blank if not known",
            },
            { name: "got_on", label: "Since", kind: "date", half: true },
            { name: "origin", label: "Where from", kind: "text" },
          ]}
          initial={item ? typed(item) : { kind: "other", count: "1", got_on: workshop.data?.today.iso ?? "" }}
          onClose={() => setEditing(null)}
          onSubmit={async (values) => {
            const body = { ...values, name: values.name ?? "", count: values.count ?? "" };
            if (item) {
              const path = { params: { path: { id: item.id } } };
              await save(api.PATCH("/api/stash/{id}", { ...path, body }), `${body.name} corrected`);
            } else {
              await save(api.POST("/api/stash", { body }), (made) => `${made.name} put by`);
            }
            setEditing(null);
          }}
        />
      )}
    </>
  );
}
