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
import { t } from "../../locales/shelf";

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
  if (!stash.data || !workshop.data) return <LinearProgress aria-label={t("stash.loading")} />;
  const { items, worth, unknown, total, per, kinds } = stash.data;
  const currency = workshop.data.symbol;
  const item = editing === "new" ? null : editing;
  const button = (
    <Button variant="contained" onClick={() => setEditing("new")}>
      {t("stash.addStash")}
    </Button>
  );
  return (
    <>
      <PageHead
        title={t("stash.stash")}
        line={
          items.length
            ? t("stash.replacingAllWouldCost", {
                worth: worth?.text,
                currency,
                more: unknown ? t("stash.withoutValue", { unknown }) : "",
              })
            : t("stash.partsSalvagedFoundGiven")
        }
      >
        {button}
      </PageHead>
      <SubNav name={t("stash.shelf")} pages={SHELF_PAGES} />
      {items.length === 0 ? (
        <Empty title={t("stash.nothingStashYet")}>
          <span>{t("stash.legsScrappedTablePulls")}</span>
          {button}
        </Empty>
      ) : (
        <Entries>
          {items.map((one) => (
            <Entry
              key={one.id}
              day={one.got_on?.text ?? t("stash.date")}
              name={one.name}
              amount={one.worth ? `${one.worth.text}` : t("stash.value")}
              extra={<SmallPhotos owner={{ stash_item_id: one.id }} name={one.name} photos={one.photos} />}
              onCorrect={() => setEditing(one)}
              onRemove={() => remove(api.DELETE("/api/stash/{id}", { params: { path: { id: one.id } } }))}
            >
              {one.left < one.count ? t("stash.left", { left: one.left, count: one.count }) : one.count} × {one.name}
              <Quiet component="span">
                {one.value && t("stash.each", { value: one.value.text })}
                {measured(one, workshop.data.length_unit).map((text) => `, ${text}`)}
                {one.lot ? (
                  <>
                    {t("stash.from")} <Link to={`/scout/lots/${one.lot.id}`}>{one.lot.name}</Link>
                  </>
                ) : (
                  one.origin && t("stash.from2", { origin: one.origin })
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
          title={item ? t("stash.editStashItem") : t("stash.addStash")}
          submit={item ? t("stash.save") : t("stash.add")}
          fields={[
            { name: "name", label: t("stash.what"), kind: "text" },
            { name: "count", label: t("stash.howMany"), kind: "text", half: true },
            { name: "kind", label: t("stash.type"), kind: "select", options: kinds, half: true },
            {
              name: "spacing",
              label: t("stash.holeSpacing"),
              kind: "text",
              unit: workshop.data.length_unit,
              half: true,
              help: t("stash.centerCenterPull"),
            },
            { name: "length", label: t("stash.length"), kind: "text", unit: workshop.data.length_unit, half: true },
            { name: "width", label: t("stash.width"), kind: "text", unit: workshop.data.length_unit, half: true },
            {
              name: "thickness",
              label: t("stash.thickness"),
              kind: "text",
              unit: workshop.data.length_unit,
              half: true,
            },
            {
              name: "value",
              label: t("stash.costReplaceOne"),
              kind: "text",
              unit: currency,
              half: true,
              help: t("stash.leaveBlankIfDont"),
            },
            { name: "got_on", label: t("stash.since"), kind: "date", half: true },
            { name: "origin", label: t("stash.where"), kind: "text" },
          ]}
          initial={item ? typed(item) : { kind: "other", count: "1", got_on: workshop.data?.today.iso ?? "" }}
          onClose={() => setEditing(null)}
          onSubmit={async (values) => {
            const body = { ...values, name: values.name ?? "", count: values.count ?? "" };
            if (item) {
              const path = { params: { path: { id: item.id } } };
              await save(api.PATCH("/api/stash/{id}", { ...path, body }), t("stash.changed", { body: body.name }));
            } else {
              await save(api.POST("/api/stash", { body }), (made) => t("stash.addedStash", { made: made.name }));
            }
            setEditing(null);
          }}
        />
      )}
    </>
  );
}
