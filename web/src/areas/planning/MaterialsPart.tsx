// What the plan still takes: amounts, whole containers, cost, and what could be used instead.
import Button from "@mui/material/Button";
import Dialog from "../../kit/BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, ask, undoOf } from "../../api/client";
import { useSubstitutes } from "../../api/queries";
import type { Plan, Steps, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { withChanges } from "../../kit/withChanges";
import { Material } from "../../kit/colour/Material";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";

export function MaterialsPart({ page, plan, workshop }: { page: Plan; plan: Steps; workshop: Workshop }) {
  const [instead, setInstead] = useState<string | null>(null);
  const money = workshop.currency;
  return (
    <Part title="Materials to come">
      {plan.materials.length === 0 ? (
        <Typography sx={{ color: "text.secondary" }}>Nothing more is needed.</Typography>
      ) : (
        <SmallTable
          label="Materials"
          columns={[
            "Material",
            ["Needed"],
            ["On the shelf"],
            "In whole containers",
            [`Price ${money}`],
            [`Used ${money}`],
            ["Left over"],
            "",
          ]}
          rows={plan.materials.map((line) => ({
            key: line.product,
            cells: [
              <Material key="what" label={line.label} swatch={line.swatch} />,
              line.amount,
              line.there,
              line.packs,
              line.price?.text ?? "not known",
              line.used?.text ?? "not known",
              line.over,
              line.others ? (
                <Button
                  key="instead"
                  size="small"
                  className="no-print"
                  onClick={() => setInstead(line.product)}
                  aria-label={`Instead of ${line.label}`}
                >
                  Instead
                </Button>
              ) : (
                ""
              ),
            ],
          }))}
          foot={["In all", "", "", "", plan.to_buy?.text ?? "not known", plan.used?.text ?? "not known", "", ""]}
        />
      )}
      <Typography variant="caption" component="p">
        {`Whole containers at usual prices; a label's own figures win (give them on the shelf). Paper, cloths and tape are sundries.${plan.unpriced.length > 0 ? ` No price: ${plan.unpriced.join(", ")}.` : ""}`}
      </Typography>
      {instead && <Instead page={page} product={instead} workshop={workshop} onClose={() => setInstead(null)} />}
    </Part>
  );
}

function Instead({
  page,
  product,
  workshop,
  onClose,
}: {
  page: Plan;
  product: string;
  workshop: Workshop;
  onClose: () => void;
}) {
  const found = useSubstitutes(page.id, product);
  const { done, failed } = useUndo();
  const look = page.looks.find((one) => one.chosen);
  const swap = async (key: string, label: string) => {
    if (!look) return;
    const path = { params: { path: { id: look.id } } };
    const send = (version: number, from: string, to: string) =>
      ask(
        api.PATCH("/api/looks/{id}", {
          ...path,
          body: { lock_version: version, swap: { product: from, instead: to } },
        }),
      );
    const saved = await send(look.lock_version, product, key);
    done(withChanges(`${label} instead`, saved.changes), undoOf(saved));
    onClose();
  };
  return (
    <Dialog open onClose={onClose} slotProps={{ paper: { "aria-label": "Instead of it" } }}>
      <DialogTitle>{`Instead of ${found.data?.rows[0]?.label ?? "it"}`}</DialogTitle>
      <DialogContent>
        {!found.data && <LinearProgress aria-label="Planning" />}
        {found.data && (
          <SmallTable
            label="What could be used instead"
            columns={["Product", ["Work"], ["Ready"], [`To buy ${workshop.currency}`], ""]}
            rows={found.data.rows.map((row, place) => ({
              key: row.product,
              cells: [
                row.label,
                place === 0 ? "in use" : row.hours,
                place === 0 ? "" : (row.days ?? "not known"),
                place === 0 ? "" : (row.money ?? "not known"),
                place === 0 ? (
                  ""
                ) : (
                  <Button
                    key="use"
                    size="small"
                    onClick={() => void swap(row.product, row.label).catch(failed)}
                    aria-label={`Use ${row.label}`}
                  >
                    Use
                  </Button>
                ),
              ],
            }))}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
