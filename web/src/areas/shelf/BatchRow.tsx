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

type Props = { batch: MixBatch; mix: Mix; choices: Mixes["parts"] };

export function BatchRow({ batch, mix, choices }: Props) {
  const [asked, setAsked] = useState<"add" | "take" | null>(null);
  const measures = useWorkshop().data?.measures;
  const { done, remove, failed } = useUndo();
  const path = { params: { path: { id: batch.id } } };
  const name = `batch of ${batch.made_on?.text}`;
  const takeBack = (id: number) => () => remove(api.DELETE("/api/containers/{id}", { params: { path: { id } } }));
  const correct = async () => {
    const made = await ask(api.POST("/api/batches/{id}/correction", { ...path, body: {} }));
    done(`Corrected to version ${mix.version}`, takeBack(made.id));
  };
  const facts = [
    batch.made_on && `mixed ${batch.made_on.text}`,
    batch.version && `version ${batch.version}`,
    batch.place,
    batch.worth ? `worth ${batch.worth.text}` : "worth not known",
    batch.keeps_until && `keeps until ${batch.keeps_until.text}`,
  ];
  return (
    <Box sx={{ borderBottom: 1, borderColor: "divider", py: 1 }} data-batch={batch.id}>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "center" }}>
        <Box sx={{ flex: "1 1 240px" }}>
          <b>{`${batch.left} left`}</b>
          {batch.left !== batch.made && ` of ${batch.made}`}
          <Quiet>{facts.filter(Boolean).join(", ")}</Quiet>
        </Box>
        <Box className="no-print">
          <Button size="small" onClick={() => setAsked("take")} aria-label={`Take from the ${name}`}>
            Take
          </Button>
          <Button size="small" onClick={() => setAsked("add")} aria-label={`Add to match, ${name}`}>
            Add to match
          </Button>
          <Button
            size="small"
            color="inherit"
            onClick={() => void takeBack(batch.id)()}
            aria-label={`Take it back, ${name}`}
          >
            Take it back
          </Button>
        </Box>
      </Box>
      {batch.corrects && (
        <Alert severity="info" variant="outlined" sx={{ mt: 1, color: "text.primary" }}>
          {`To make it version ${mix.version}, add ${batch.corrects.adds
            .filter((one) => !one.amount.startsWith("0 "))
            .map((one) => `${one.amount} ${one.label}`)
            .join(", ")}: ${batch.corrects.whole} in all.`}
          <Button size="small" onClick={() => void correct().catch(failed)}>
            Added: correct it
          </Button>
        </Alert>
      )}
      {batch.cannot && (
        <Alert severity="info" variant="outlined" sx={{ mt: 1, color: "text.primary" }}>
          {`Not to be made version ${mix.version}: ${batch.cannot}`}
        </Alert>
      )}
      {batch.log.length > 0 && (
        <SmallTable
          label={`How the ${name} was matched`}
          columns={["Added", ["Amount"], ["Of it so far"], ["Of all so far"], "How it compared", "On"]}
          rows={batch.log.map((line, place) => ({
            key: place,
            cells: [
              line.label,
              line.amount,
              line.percent,
              line.all,
              [line.said, line.trip && "a trip"].filter(Boolean).join(", "),
              line.on?.text,
            ],
          }))}
          foot={[
            "In percent of what there was at first",
            "",
            "",
            "",
            batch.trips ? `${batch.trips === 1 ? "1 trip" : `${batch.trips} trips`}` : "",
            "",
          ]}
        />
      )}
      {asked === "take" && <DrawDialog product={mix.product} container={batch.id} onClose={() => setAsked(null)} />}
      {asked === "add" && (
        <FormDialog
          title="Add to match the colour"
          submit="Added"
          fields={[
            {
              name: "product",
              label: "What",
              kind: "select",
              options: [{ key: "", label: "not on the shelf" }, ...choices],
            },
            {
              name: "label",
              label: "or its name",
              kind: "text",
              help: "where it is on no shelf: water, tinting paste",
            },
            { name: "amount", label: "How much", kind: "text", half: true, help: measures?.volume },
            {
              name: "trip",
              label: "A trip was made for it",
              kind: "select",
              half: true,
              options: [
                { key: "no", label: "No" },
                { key: "yes", label: "Yes" },
              ],
            },
            {
              name: "said",
              label: "How a dry sample compared",
              kind: "text",
              help: mix.target ? `with: ${mix.target}` : "too light, too warm, matches",
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
            done(`${amount} added`, takeBack(made.id));
            setAsked(null);
          }}
        />
      )}
    </Box>
  );
}
