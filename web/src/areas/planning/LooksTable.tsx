// The looks side by side, by what they come to; one is chosen.
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { api } from "../../api/client";
import type { Look, Plan, Ready, Workshop } from "../../api/types";
import { useSave } from "../../kit/session/useSave";
import { useUndo } from "../../kit/session/undo";
import { withChanges } from "../../kit/withChanges";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import { t } from "../../locales/planning";

export function LooksTable({ page, workshop }: { page: Plan; workshop: Workshop }) {
  const save = useSave();
  const { failed } = useUndo();
  const choose = async (look: Look) => {
    const chosen = api.POST("/api/looks/{id}/choose", { params: { path: { id: look.id } } });
    await save(chosen, (saved) => withChanges(t("looksTable.plan", { look: look.name }), saved.changes));
  };
  const unit = (key: string) => (key === "pay" ? "/h" : "");
  const rows = (page.looks[0]?.figures ?? []).map((figure) => ({
    key: figure.key,
    strong: figure.key === "pay",
    cells: [
      figure.label,
      ...page.looks.map((look) => {
        const own = look.figures.find((one) => one.key === figure.key);
        return (
          <span key={look.id} title={own?.sentence}>
            {own?.text ? `${own.text}${unit(figure.key)}` : <Typography variant="caption">{own?.why}</Typography>}
          </span>
        );
      }),
    ],
  }));
  return (
    <Part title={t("looksTable.compareLooks")}>
      <SmallTable
        label={t("looksTable.looksCompared")}
        width={560 + 140 * page.looks.length}
        columns={["", ...page.looks.map((look): [string] => [look.name])]}
        rows={[
          ...rows,
          { key: "ready", cells: [t("looksTable.ready"), ...page.looks.map((look) => readyText(look.ready))] },
          {
            key: "open",
            cells: [
              t("looksTable.conflicts"),
              ...page.looks.map((look) => String(look.conflicts.filter((one) => !one.settled).length || "none")),
            ],
          },
          {
            key: "choose",
            cells: [
              "",
              ...page.looks.map((look) =>
                look.chosen ? (
                  <b key={look.id}>{t("looksTable.chosen")}</b>
                ) : (
                  <Button key={look.id} size="small" variant="outlined" onClick={() => void choose(look).catch(failed)}>
                    {t("looksTable.showPlan", { look: look.name })}
                  </Button>
                ),
              ),
            ],
          },
        ]}
      />
      <Typography variant="caption">
        {t("looksTable.hoursBuiltGuessesAdjusted", {
          more: workshop.weekly_hours
            ? t("looksTable.weekSpreadOverDays", { weeklyhours: workshop.weekly_hours.text })
            : "1 h 30 an evening (assumed; give your hours a week in the house rules)",
        })}
      </Typography>
    </Part>
  );
}

export function readyText(ready: Ready): string {
  if (!ready.on) return ready.why ?? t("looksTable.unknown");
  return `${ready.on.text}${ready.early && ready.late && ready.early.iso !== ready.late.iso ? t("looksTable.text", { early: ready.early.text, late: ready.late.text }) : ""}`;
}
