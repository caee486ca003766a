// What does not go together, with remedies; and what the plan settles by itself.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { api } from "../../api/client";
import type { Look, Remedy } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { withChanges } from "../../kit/withChanges";
import { Part } from "../../kit/Part";
import { usePaint } from "./usePaint";
import { PlainList } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/planning";

export function ConflictList({ look }: { look: Look }) {
  const { paint } = usePaint(look);
  const save = useSave();
  const { failed } = useUndo();
  const open = look.conflicts.filter((one) => !one.settled);
  const settled = look.conflicts.filter((one) => one.settled);
  if (look.conflicts.length === 0) return null;

  const mend = async (zones: string[], remedy: Remedy) => {
    if (remedy.choice) {
      const row = look.zones.find((one) => one.zone === zones[0]);
      const {
        finish = row?.finish ?? "leave",
        product = "",
        wear = row?.wear ?? "",
        over = row?.over ?? [],
      } = remedy.choice;
      const kept = {
        colour: row?.colour ?? "",
        undercolour: row?.undercolour ?? "",
        preparation: row?.preparation ?? "",
        coats: row?.coats ?? "",
        way: row?.way ?? "",
        options: [],
      };
      await paint(zones, { ...kept, finish, product, wear, over }, remedy.label);
    }
    if (remedy.look) {
      const path = { params: { path: { id: look.id } } };
      await save(
        api.PATCH("/api/looks/{id}", { ...path, body: { lock_version: look.lock_version, ...remedy.look } }),
        (saved) => withChanges(remedy.label, saved.changes),
      );
    }
  };
  return (
    <Part title={open.length > 0 ? t("conflictList.conflicts2", { count: open.length }) : t("conflictList.conflicts")}>
      <PlainList>
        {open.map((one) => (
          <Box
            component="li"
            key={`${one.key} ${one.where}`}
            sx={{ borderLeft: 4, borderColor: "error.main", pl: 1.5, py: 0.5, mb: 1 }}
          >
            <Typography>
              <b>{one.where}: </b>
              {one.text}.
            </Typography>
            {one.remedies.map((remedy) => (
              <Button
                key={remedy.label}
                className="no-print"
                size="small"
                variant="outlined"
                sx={{ mr: 1, mt: 0.5 }}
                onClick={() => void mend(one.zones, remedy).catch(failed)}
              >
                {remedy.label.charAt(0).toUpperCase() + remedy.label.slice(1)}
              </Button>
            ))}
          </Box>
        ))}
        {settled.map((one) => (
          <Typography component="li" key={`${one.key} ${one.where}`} variant="body2" sx={{ color: "text.secondary" }}>
            {t("conflictList.whatPlanDoes", { where: one.where, value: one.text, settled: one.settled })}
          </Typography>
        ))}
      </PlainList>
    </Part>
  );
}
