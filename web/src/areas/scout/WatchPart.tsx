// The tag over time: what was seen, what it will say, and whether to wait or buy now.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, ask } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import type { Prospect } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";
import { Entries, Entry } from "../../kit/Entry";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import { t } from "../../locales/scout";

export function WatchPart({ prospect, currency }: { prospect: Prospect; currency: string }) {
  const [seeing, setSeeing] = useState(false);
  const { watch } = prospect;
  const { done, remove } = useUndo();
  const today = useWorkshop().data?.today.iso;
  const id = prospect.id!;
  return (
    <Part
      title={t("watchPart.priceWatch")}
      action={
        prospect.state === "open" && <Button onClick={() => setSeeing(true)}>{t("watchPart.addPriceAgain")}</Button>
      }
    >
      {watch.decision && prospect.state === "open" && (
        <Typography
          sx={{ fontWeight: 600, color: watch.decision.key === "never" ? "error.main" : "primary.main", mb: 1 }}
        >
          {watch.decision.text}
        </Typography>
      )}
      <Box sx={{ color: "text.secondary", mb: 1 }}>
        {t("watchPart.goneWithinWeek", {
          more: watch.rule
            ? t("watchPart.markdowns", { rule: watch.rule })
            : t("watchPart.forecast", { why: watch.why }),
          rule: (watch.rule && watch.reaches && t("watchPart.worthBuying", { reaches: watch.reaches })) || "",
          gone: watch.gone,
        })}
      </Box>
      {watch.remarks.map((remark) => (
        <Box key={remark} sx={{ mb: 1 }}>
          {remark}
        </Box>
      ))}
      {watch.due && prospect.state === "open" && (
        <Box sx={{ mb: 1 }}>{t("watchPart.reminder", { on: watch.due.on?.text ?? "", why: watch.due.why })}</Box>
      )}
      {watch.points.length > 1 && (
        <SmallTable
          label={t("watchPart.howPriceShouldFall")}
          width={620}
          columns={[
            t("watchPart.day"),
            [t("watchPart.tag", { currency })],
            [t("watchPart.stillThere")],
            [t("watchPart.aboveTargetPay")],
          ]}
          rows={watch.points.map((point) => ({
            key: point.on?.iso ?? "",
            strong: point.best,
            cells: [
              `${point.on?.text}${point.best ? t("watchPart.best") : ""}`,
              point.tag?.bare,
              point.there,
              point.worth?.text ?? t("watchPart.wontReach"),
            ],
          }))}
        />
      )}
      <Entries>
        {[...watch.sightings].reverse().map((seen) => (
          <Entry
            key={seen.id}
            day={seen.on?.text ?? ""}
            name={`sighting of ${seen.on?.text}`}
            amount={seen.tag?.text ?? ""}
            onRemove={() => remove(api.DELETE("/api/sightings/{id}", { params: { path: { id: seen.id } } }))}
          >
            {t("watchPart.seen")}
          </Entry>
        ))}
      </Entries>
      {seeing && today && (
        <FormDialog
          title={t("watchPart.addPriceAgain")}
          submit={t("watchPart.addPrice")}
          fields={[
            { name: "tag", label: t("watchPart.tagPrice"), kind: "text", unit: currency, half: true },
            { name: "seen_on", label: t("watchPart.date"), kind: "date", half: true },
          ]}
          initial={{ seen_on: today }}
          onClose={() => setSeeing(false)}
          onSubmit={async (values) => {
            const before = new Set(watch.sightings.map((seen) => seen.id));
            const body = { tag: values.tag ?? "", seen_on: values.seen_on ?? "" };
            const now = await ask(api.POST("/api/prospects/{id}/sightings", { params: { path: { id } }, body }));
            const made = now.watch.sightings.find((seen) => !before.has(seen.id));
            done(t("watchPart.priceAdded", { tag: made?.tag?.text ?? body.tag }), () =>
              ask(api.DELETE("/api/sightings/{id}", { params: { path: { id: made!.id } } })),
            );
            setSeeing(false);
          }}
        />
      )}
    </Part>
  );
}
