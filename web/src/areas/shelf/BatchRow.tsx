// A batch that stands ready: what is left, where; adding to match the colour, correcting it to the latest version, its
// log.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { api, ask } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import type { Mix, MixBatch, Mixes } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import DrawDialog from "../../kit/DrawDialog";
import { FormDialog } from "../../kit/FormDialog";
import { SmallTable } from "../../kit/SmallTable";
import { Quiet } from "../../kit/layout";
import { t } from "../../locales/shelf";

type Props = { batch: MixBatch; mix: Mix; choices: Mixes["parts"] };

export function BatchRow({ batch, mix, choices }: Props) {
  const [asked, setAsked] = useState<"add" | "take" | null>(null);
  const measures = useWorkshop().data?.measures;
  const { done, remove, failed } = useUndo();
  const path = { params: { path: { id: batch.id } } };
  const name = t("batchRow.batch", { madeon: batch.made_on?.text });
  const takeBack = (id: number) => () => remove(api.DELETE("/api/containers/{id}", { params: { path: { id } } }));
  const correct = async () => {
    const made = await ask(api.POST("/api/batches/{id}/correction", { ...path, body: {} }));
    done(t("batchRow.changedVersion", { version: mix.version }), takeBack(made.id));
  };
  const facts = [
    batch.made_on && t("batchRow.mixed", { madeon: batch.made_on.text }),
    batch.version && t("batchRow.version", { version: batch.version }),
    batch.place,
    batch.worth ? t("batchRow.worth", { worth: batch.worth.text }) : t("batchRow.valueUnknown"),
    batch.keeps_until && t("batchRow.goodUntil", { keepsuntil: batch.keeps_until.text }),
  ];
  return (
    <Box sx={{ borderBottom: 1, borderColor: "divider", py: 1 }} data-batch={batch.id}>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "center" }}>
        <Box sx={{ flex: "1 1 240px" }}>
          <b>{t("batchRow.left", { left: batch.left })}</b>
          {batch.left !== batch.made && t("batchRow.of", { made: batch.made })}
          <Quiet>{facts.filter(Boolean).join(", ")}</Quiet>
        </Box>
        <Box className="no-print">
          <Button size="small" onClick={() => setAsked("take")} aria-label={t("batchRow.use", { name })}>
            {t("batchRow.use2")}
          </Button>
          <Button size="small" onClick={() => setAsked("add")} aria-label={t("batchRow.adjustColor", { name })}>
            {t("batchRow.adjustColor2")}
          </Button>
          <Button
            size="small"
            color="inherit"
            onClick={() => void takeBack(batch.id)()}
            aria-label={t("batchRow.undo", { name })}
          >
            {t("batchRow.undo2")}
          </Button>
        </Box>
      </Box>
      {batch.corrects && (
        <Alert severity="info" variant="outlined" sx={{ mt: 1, color: "text.primary" }}>
          {t("batchRow.turnIntoVersionAdd", {
            version: mix.version,
            adds: batch.corrects.adds
              .filter((one) => !one.amount.startsWith("0 "))
              .map((one) => `${one.amount} ${one.label}`)
              .join(", "),
            whole: batch.corrects.whole,
          })}
          <Button size="small" onClick={() => void correct().catch(failed)}>
            {t("batchRow.iveAdded")}
          </Button>
        </Alert>
      )}
      {batch.cannot && (
        <Alert severity="info" variant="outlined" sx={{ mt: 1, color: "text.primary" }}>
          {t("batchRow.cantBecomeVersion", { version: mix.version, cannot: batch.cannot })}
        </Alert>
      )}
      {batch.log.length > 0 && (
        <SmallTable
          label={t("batchRow.howAdjusted", { name })}
          columns={[
            t("batchRow.added"),
            [t("batchRow.amount")],
            [t("batchRow.addedSoFar")],
            [t("batchRow.totalAddedSoFar")],
            t("batchRow.result"),
            t("batchRow.on"),
          ]}
          rows={batch.log.map((line, place) => ({
            key: place,
            cells: [
              line.label,
              line.amount,
              line.percent,
              line.all,
              [line.said, line.trip && t("batchRow.shopTrip")].filter(Boolean).join(", "),
              line.on?.text,
            ],
          }))}
          foot={[
            t("batchRow.percentAmountStart"),
            "",
            "",
            "",
            batch.trips ? `${t("batchRow.trips", { count: batch.trips })}` : "",
            "",
          ]}
        />
      )}
      {asked === "take" && <DrawDialog product={mix.product} container={batch.id} onClose={() => setAsked(null)} />}
      {asked === "add" && (
        <FormDialog
          title={t("batchRow.adjustColor3")}
          submit={t("batchRow.added")}
          fields={[
            {
              name: "product",
              label: t("batchRow.what"),
              kind: "select",
              options: [{ key: "", label: t("batchRow.shelf") }, ...choices],
            },
            {
              name: "label",
              label: t("batchRow.name"),
              kind: "text",
              help: t("batchRow.somethingShelfLikeWater"),
            },
            { name: "amount", label: t("batchRow.howMuch"), kind: "text", half: true, help: measures?.volume },
            {
              name: "trip",
              label: t("batchRow.didMakeTrip"),
              kind: "select",
              half: true,
              options: [
                { key: "no", label: t("batchRow.no") },
                { key: "yes", label: t("batchRow.yes") },
              ],
            },
            {
              name: "said",
              label: t("batchRow.howDrySampleLooked"),
              kind: "text",
              help: mix.target ? t("batchRow.compared", { target: mix.target }) : t("batchRow.tooLightTooWarm"),
            },
          ]}
          initial={{ product: mix.parts.find((part) => part.product)?.product ?? "", trip: "no" }}
          onClose={() => setAsked(null)}
          onSubmit={async ({ product = "", label = "", amount = "", said = "", trip }) => {
            const what = product ? { product } : { label };
            const made = await ask(
              api.POST("/api/batches/{id}/additions", {
                ...path,
                body: { ...what, amount, said, trip: trip === "yes" },
              }),
            );
            done(t("batchRow.added2", { amount }), takeBack(made.id));
            setAsked(null);
          }}
        />
      )}
    </Box>
  );
}
