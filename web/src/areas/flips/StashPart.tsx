// What of the stash would fit this piece, and what was used on it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import { useStash, useStashFit } from "../../api/queries";
import { useUndo } from "../../kit/session/undo";
import { Entries, Entry } from "../../kit/Entry";
import { FormDialog } from "../../kit/FormDialog";
import { Fold } from "../../kit/Fold";
import { Quiet } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/flips";

export function StashPart({ id }: { id: number }) {
  const { data } = useStashFit(id);
  const stash = useStash(1);
  const [using, setUsing] = useState<{ item: string; count: string } | null>(null);
  const save = useSave();
  const { remove } = useUndo();
  if (!data || !stash.data) return null;
  const there = stash.data.items.filter((item) => item.left > 0);
  if (there.length === 0 && data.used.length === 0) return null;
  const options = there.map((item) => ({
    key: String(item.id),
    label: t("stashPart.left", { item: item.name, left: item.left }),
  }));
  return (
    <Fold
      title={t("stashPart.stash")}
      summary={t("stashPart.wouldFitUsed", {
        count: data.fits.filter((one) => one.state === "fits").length,
        count2: data.used.length,
      })}
      action={
        there.length > 0 && (
          <Button onClick={() => setUsing({ item: options[0]?.key ?? "", count: "1" })}>
            {t("stashPart.usePartsStash")}
          </Button>
        )
      }
    >
      <Entries>
        {data.used.map((use) => (
          <Entry
            key={use.id}
            day="used"
            name={use.name}
            removeWord={t("stashPart.putBack")}
            onRemove={() => remove(api.DELETE("/api/stash-uses/{id}", { params: { path: { id: use.id } } }))}
          >
            {`${use.count} × ${use.name}`}
          </Entry>
        ))}
        {data.fits.map((fit) => (
          <Entry
            key={`${fit.item_id} ${fit.what}`}
            day={fit.state === "fits" ? "fits" : fit.state === "short" ? t("stashPart.tooFew") : "no"}
            name={fit.name}
            extra={
              fit.state === "fits" && (
                <Button
                  size="small"
                  onClick={() => setUsing({ item: String(fit.item_id), count: String(fit.wanted) })}
                  aria-label={t("stashPart.use", { fit: fit.name })}
                >
                  {t("stashPart.use2")}
                </Button>
              )
            }
          >
            {`${fit.what}: ${fit.name}`}
            <Quiet component="span">{`, ${fit.why}`}</Quiet>
          </Entry>
        ))}
      </Entries>
      {data.fits.length === 0 && (
        <Box sx={{ color: "text.secondary", py: 1 }}>
          {t("stashPart.nothing")} <Link to="/shelf/stash">{t("stashPart.stash2")}</Link> {t("stashPart.wouldFitPiece")}
        </Box>
      )}
      {using && (
        <FormDialog
          title={t("stashPart.usePartsStash")}
          submit={t("stashPart.use3")}
          fields={[
            { name: "item", label: t("stashPart.what"), kind: "select", options },
            {
              name: "count",
              label: t("stashPart.howMany"),
              kind: "text",
              half: true,
              help: t("stashPart.costsCashValueShows"),
            },
          ]}
          initial={using}
          onClose={() => setUsing(null)}
          onSubmit={async (values) => {
            const path = { params: { path: { id: Number(values.item) } } };
            await save(
              api.POST("/api/stash/{id}/uses", { ...path, body: { piece_id: id, count: values.count ?? "" } }),
              t("stashPart.usedStash"),
            );
            setUsing(null);
          }}
        />
      )}
    </Fold>
  );
}
