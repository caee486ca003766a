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

export function LooksTable({ page, workshop }: { page: Plan; workshop: Workshop }) {
  const save = useSave();
  const { failed } = useUndo();
  const choose = async (look: Look) => {
    const chosen = api.POST("/api/looks/{id}/choose", { params: { path: { id: look.id } } });
    await save(chosen, (saved) => withChanges(`Planned by ${look.name}`, saved.changes));
  };
  const unit = (key: string) =>
    ["hours_to_come"].includes(key) ? "" : key === "pay" ? ` ${workshop.currency}/h` : ` ${workshop.currency}`;
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
    <Part title="Side by side">
      <SmallTable
        label="Looks side by side"
        width={560 + 140 * page.looks.length}
        columns={["", ...page.looks.map((look): [string] => [look.name])]}
        rows={[
          ...rows,
          { key: "ready", cells: ["Ready", ...page.looks.map((look) => readyText(look.ready))] },
          {
            key: "open",
            cells: [
              "Conflicts",
              ...page.looks.map((look) => String(look.conflicts.filter((one) => !one.settled).length || "none")),
            ],
          },
          {
            key: "choose",
            cells: [
              "",
              ...page.looks.map((look) =>
                look.chosen ? (
                  <b key={look.id}>chosen</b>
                ) : (
                  <Button key={look.id} size="small" variant="outlined" onClick={() => void choose(look).catch(failed)}>
                    {`Plan by ${look.name}`}
                  </Button>
                ),
              ),
            ],
          },
        ]}
      />
      <Typography variant="caption">
        {`Hours by the rates of the trade, corrected by your own as they come in. Ready if nothing else is worked on, with ${workshop.weekly_hours ? `${workshop.weekly_hours.text} a week, spread over its days` : "1 h 30 an evening (assumed; give your hours a week in the house rules)"}.`}
      </Typography>
    </Part>
  );
}

export function readyText(ready: Ready): string {
  if (!ready.on) return ready.why ?? "nobody can say";
  return `${ready.on.text}${ready.early && ready.late && ready.early.iso !== ready.late.iso ? ` (${ready.early.text} to ${ready.late.text})` : ""}`;
}
