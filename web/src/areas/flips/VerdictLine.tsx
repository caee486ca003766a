// Where a piece in hand stands, in one sentence from the core: the same on every page. Whoever goes on whatever is
// recommended says so here.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { api } from "../../api/client";
import type { Piece } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/flips";

export function VerdictLine({ piece }: { piece: Piece }) {
  const { standing, id, lock_version: version } = piece;
  const save = useSave();
  const { failed } = useUndo();
  if (!standing || standing.advice === "listed") return null;
  const goOn = async (go: boolean) => {
    const body = { lock_version: version, go_on: go ? "yes" : "no" };
    await save(
      api.PATCH("/api/pieces/{id}", { params: { path: { id } }, body }),
      go ? t("verdictLine.workingAnyway") : t("verdictLine.backRecommendation"),
    );
  };
  return (
    <Box
      data-verdict={standing.advice}
      sx={{ borderLeft: 4, borderColor: standing.stop ? "warning.main" : "secondary.main", pl: 1.5, mb: 2 }}
    >
      <Box sx={{ fontWeight: 600 }}>{standing.sentence}</Box>
      {(standing.stop || standing.go_on) && (
        <Button size="small" className="no-print" onClick={() => void goOn(!standing.go_on).catch(failed)}>
          {standing.go_on ? t("verdictLine.followRecommendation") : t("verdictLine.goAnyway")}
        </Button>
      )}
    </Box>
  );
}
