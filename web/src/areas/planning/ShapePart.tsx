// What lies between the shape as bought and as planned, and what is left over for the stash.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { api } from "../../api/client";
import type { Plan } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Drawing } from "../../kit/Drawing";
import { Row } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/planning";

export function ShapePart({ page }: { page: Plan }) {
  const save = useSave();
  const { failed } = useUndo();
  if (!page.bought) return null;
  const toStash = async (spare: { name: string; count: number }) => {
    await save(
      api.POST("/api/stash", {
        body: { name: spare.name, count: String(spare.count), origin: `${page.ticket} ${page.name}` },
      }),
      t("shapePart.putStash", { spare: spare.name }),
    );
  };
  return (
    <Box sx={{ mt: 2 }}>
      <Typography variant="h3">{t("shapePart.keepShape")}</Typography>
      <Drawing shape={{ ...page.bought, planned: [] }} width={200} height={150} measures />
      {page.acts.map((act) => (
        <Row key={act.key}>
          <Typography variant="body2">{act.label}</Typography>
          {act.spare && (
            <Button size="small" onClick={() => act.spare && void toStash(act.spare).catch(failed)}>
              {t("shapePart.putStash2", { count: act.spare.count, spare: act.spare.name.toLowerCase() })}
            </Button>
          )}
        </Row>
      ))}
    </Box>
  );
}
