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

export function StashPart({ id }: { id: number }) {
  const { data } = useStashFit(id);
  const stash = useStash(1);
  const [using, setUsing] = useState<{ item: string; count: string } | null>(null);
  const save = useSave();
  const { remove } = useUndo();
  if (!data || !stash.data) return null;
  const there = stash.data.items.filter((item) => item.left > 0);
  if (there.length === 0 && data.used.length === 0) return null;
  const options = there.map((item) => ({ key: String(item.id), label: `${item.name}, ${item.left} there` }));
  return (
    <Fold
      title="From the stash"
      summary={`${data.fits.filter((one) => one.state === "fits").length} would fit, ${data.used.length} used`}
      action={
        there.length > 0 && (
          <Button onClick={() => setUsing({ item: options[0]?.key ?? "", count: "1" })}>Use some of the stash</Button>
        )
      }
    >
      <Entries>
        {data.used.map((use) => (
          <Entry
            key={use.id}
            day="used"
            name={use.name}
            removeWord="Put back"
            onRemove={() => remove(api.DELETE("/api/stash-uses/{id}", { params: { path: { id: use.id } } }))}
          >
            {`${use.count} × ${use.name}`}
          </Entry>
        ))}
        {data.fits.map((fit) => (
          <Entry
            key={`${fit.item_id} ${fit.what}`}
            day={fit.state === "fits" ? "fits" : fit.state === "short" ? "too few" : "no"}
            name={fit.name}
            extra={
              fit.state === "fits" && (
                <Button
                  size="small"
                  onClick={() => setUsing({ item: String(fit.item_id), count: String(fit.wanted) })}
                  aria-label={`Use ${fit.name}`}
                >
                  Use
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
          Nothing in the <Link to="/shelf/stash">stash</Link> is a pull, leg, board or pane that this piece takes.
        </Box>
      )}
      {using && (
        <FormDialog
          title="Use some of the stash"
          submit="Use it"
          fields={[
            { name: "item", label: "What", kind: "select", options },
            {
              name: "count",
              label: "How many",
              kind: "text",
              half: true,
              help: "no cash; its replacement value in the full-cost view",
            },
          ]}
          initial={using}
          onClose={() => setUsing(null)}
          onSubmit={async (values) => {
            const path = { params: { path: { id: Number(values.item) } } };
            await save(
              api.POST("/api/stash/{id}/uses", { ...path, body: { piece_id: id, count: values.count ?? "" } }),
              "Used from the stash",
            );
            setUsing(null);
          }}
        />
      )}
    </Fold>
  );
}
