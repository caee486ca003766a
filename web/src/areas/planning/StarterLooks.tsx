// Looks to begin with, side by side as pictures of this piece, each with its hours, cost and pay; one is begun with a
// tap.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { api } from "../../api/client";
import { useStarterLooks } from "../../api/queries";
import type { Plan } from "../../api/types";
import { Drawing } from "../../kit/Drawing";
import { useUndo } from "../../kit/session/undo";
import { PlainList } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/planning";

const UNITS: Record<string, () => string> = {
  hours_to_come: () => t("starterLooks.work"),
  materials_to_come: () => t("starterLooks.materials"),
  pay: () => t("starterLooks.hour"),
};

export function StarterLooks({ page }: { page: Plan }) {
  const { data } = useStarterLooks(page.id);
  const save = useSave();
  const { failed } = useUndo();
  if (!data) return <LinearProgress aria-label={t("starterLooks.planningLooks")} sx={{ mb: 30 }} />;
  const begin = async (key: string, name: string) => {
    const path = { params: { path: { id: page.id } } };
    await save(
      api.POST("/api/pieces/{id}/looks", { ...path, body: { name, starter: key } }),
      t("starterLooks.lookStarted", { name }),
    );
  };
  return (
    <>
      <PlainList
        aria-label={t("starterLooks.looksStart")}
        sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(200px, 1fr))", gap: 3 }}
      >
        {data.rows.map((row) => (
          <Box component="li" key={row.key} data-starter={row.key}>
            <Drawing
              shape={{ ...page.drawing, planned: row.zones, description: `${page.drawing.description}. ${row.name}` }}
              width={200}
              height={170}
            />
            <Typography component="h3" sx={{ fontWeight: 600, mt: 1 }}>
              {row.name}
            </Typography>
            {row.figures
              .filter((figure) => figure.key in UNITS)
              .map((figure) => (
                <Box key={figure.key} title={figure.sentence} sx={{ fontWeight: figure.key === "pay" ? 600 : 400 }}>
                  {figure.text ? `${figure.text}${UNITS[figure.key]?.()}` : figure.why}
                </Box>
              ))}
            {row.conflicts.map((text) => (
              <Box key={text} sx={{ color: "warning.main", fontSize: 14 }}>
                {text}
              </Box>
            ))}
            <Button
              variant="outlined"
              sx={{ mt: 1 }}
              onClick={() => void begin(row.key, row.name).catch(failed)}
              aria-label={t("starterLooks.start", { name: row.name })}
            >
              {t("starterLooks.start2")}
            </Button>
          </Box>
        ))}
      </PlainList>
      <Typography variant="caption" component="p" sx={{ mt: 2, color: "text.secondary" }}>
        {t("starterLooks.eachOnePlannedPiece")}
      </Typography>
    </>
  );
}
