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
import { t } from "../../locales/planning";

export function MaterialsPart({ page, plan, workshop }: { page: Plan; plan: Steps; workshop: Workshop }) {
  const [instead, setInstead] = useState<string | null>(null);
  const money = workshop.symbol;
  return (
    <Part title={t("materialsPart.materialsUse")}>
      {plan.materials.length === 0 ? (
        <Typography sx={{ color: "text.secondary" }}>{t("materialsPart.dontNeedAnythingElse")}</Typography>
      ) : (
        <SmallTable
          label={t("materialsPart.materials")}
          columns={[
            t("materialsPart.material"),
            [t("materialsPart.needed")],
            [t("materialsPart.shelf")],
            t("materialsPart.buy"),
            [t("materialsPart.price", { money })],
            [t("materialsPart.costWhatsUsed", { money })],
            [t("materialsPart.leftOver")],
            "",
          ]}
          rows={plan.materials.map((line) => ({
            key: line.product,
            cells: [
              <Material key="what" label={line.label} swatch={line.swatch} />,
              line.amount,
              line.there,
              line.packs,
              line.price?.bare ?? t("materialsPart.unknown"),
              line.used?.bare ?? t("materialsPart.unknown"),
              line.over,
              line.others ? (
                <Button
                  key="instead"
                  size="small"
                  className="no-print"
                  onClick={() => setInstead(line.product)}
                  aria-label={t("materialsPart.swap", { line: line.label })}
                >
                  {t("materialsPart.swap2")}
                </Button>
              ) : (
                ""
              ),
            ],
          }))}
          foot={[
            t("materialsPart.total"),
            "",
            "",
            "",
            plan.to_buy?.bare ?? t("materialsPart.unknown"),
            plan.used?.bare ?? t("materialsPart.unknown"),
            "",
            "",
          ]}
        />
      )}
      <Typography variant="caption" component="p">
        {t("materialsPart.pricesWholeContainersBuilt", {
          more: plan.unpriced.length > 0 ? t("materialsPart.price2", { unpriced: plan.unpriced.join(", ") }) : "",
        })}
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
    done(withChanges(t("materialsPart.instead", { label }), saved.changes), undoOf(saved));
    onClose();
  };
  return (
    <Dialog open onClose={onClose} slotProps={{ paper: { "aria-label": t("materialsPart.instead2") } }}>
      <DialogTitle>{t("materialsPart.instead3", { rows: found.data?.rows[0]?.label ?? "it" })}</DialogTitle>
      <DialogContent>
        {!found.data && <LinearProgress aria-label={t("materialsPart.planning")} />}
        {found.data && (
          <SmallTable
            label={t("materialsPart.whatCouldUseInstead")}
            columns={[
              t("materialsPart.product"),
              [t("materialsPart.work")],
              [t("materialsPart.ready")],
              [t("materialsPart.buy2", { currency: workshop.symbol })],
              "",
            ]}
            rows={found.data.rows.map((row, place) => ({
              key: row.product,
              cells: [
                row.label,
                place === 0 ? t("materialsPart.current") : row.hours,
                place === 0 ? "" : (row.days ?? t("materialsPart.unknown")),
                place === 0 ? "" : (row.money ?? t("materialsPart.unknown")),
                place === 0 ? (
                  ""
                ) : (
                  <Button
                    key="use"
                    size="small"
                    onClick={() => void swap(row.product, row.label).catch(failed)}
                    aria-label={t("materialsPart.use", { value: row.label })}
                  >
                    {t("materialsPart.use2")}
                  </Button>
                ),
              ],
            }))}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t("materialsPart.close")}</Button>
      </DialogActions>
    </Dialog>
  );
}
