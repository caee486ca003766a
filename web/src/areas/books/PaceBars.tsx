// Goals of a year as bars: what has come, and where an even year would stand today.
import Box from "@mui/material/Box";
import type { BooksYear } from "../../api/types";
import { Row } from "../../kit/layout";
import { t } from "../../locales/books";

type Goal = BooksYear["goals"][number];

export function PaceBars({ goals }: { goals: Goal[] }) {
  const shown = goals.filter((goal) => goal.share !== null);
  if (shown.length === 0) return null;
  return (
    <Box sx={{ mb: 2, maxWidth: 720 }}>
      {shown.map((goal) => {
        const most = Math.max(1, goal.share ?? 0);
        const percent = (part: number) => `${(Math.max(part, 0) / most) * 100}%`;
        const adds = goal.key !== "hourly";
        const behind = (goal.share ?? 0) < (adds ? goal.gone : 1);
        return (
          <Box key={goal.key} sx={{ mb: 1.5 }}>
            <Row wrap={false} gap={2} align="stretch" sx={{ justifyContent: "space-between" }}>
              <b>{goal.label}</b>
              <span>{t("paceBars.of", { sofar: goal.so_far, goal: goal.goal })}</span>
            </Row>
            <Box
              role="img"
              aria-label={t("paceBars.of2", {
                goal: goal.label,
                sofar: goal.so_far,
                goal2: goal.goal,
                goal3: goal.text,
              })}
              sx={{
                position: "relative",
                height: 20,
                border: 1,
                borderColor: "text.primary",
                bgcolor: "background.paper",
              }}
            >
              <Box
                sx={{
                  position: "absolute",
                  inset: "0 auto 0 0",
                  width: percent(goal.share ?? 0),
                  bgcolor: behind ? "warning.main" : "primary.main",
                  opacity: 0.75,
                }}
              />
              {adds && goal.gone < 1 && (
                <Box
                  sx={{
                    position: "absolute",
                    top: -4,
                    bottom: -4,
                    left: percent(goal.gone),
                    borderLeft: 3,
                    borderColor: "text.primary",
                  }}
                />
              )}
            </Box>
            <Box sx={{ color: "text.secondary", fontSize: 14.5 }}>
              {[goal.text, adds && goal.gone < 1 && t("paceBars.markShowsWhereToday")].filter(Boolean).join(" · ")}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
