// A step to be read from two metres: what, where on the piece, with what, what to wear, and when it is done.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Plan, Step } from "../../api/types";
import { CautionText } from "../../kit/CautionText";
import { Drawing } from "../../kit/Drawing";
import { useConfirm } from "../../kit/session/useTick";
import { useUndo } from "../../kit/session/undo";
import { Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/bench";

export const unreadOf = (step: Step) => step.cautions.filter((one) => one.serious && !one.confirmed);

export function BenchStep({ step, page }: { step: Step; page: Plan }) {
  const confirm = useConfirm(page.id);
  const { failed } = useUndo();
  const unread = unreadOf(step);
  const wear = [...new Set(step.cautions.map((one) => one.wear).filter(Boolean))];
  return (
    <>
      <Box component="h1" sx={{ fontSize: { xs: 32, md: 44 }, fontWeight: 600, lineHeight: 1.12, my: 1 }}>
        {step.label}
      </Box>
      <Row gap={3} align="flex-start">
        <Drawing shape={page.drawing} width={300} height={190} lit={step.zones} />
        <Box sx={{ flex: "1 1 300px", fontSize: { xs: 22, md: 26 }, lineHeight: 1.35 }}>
          <Box>{step.where}</Box>
          {step.materials.map((one) => (
            <Box key={one.product}>
              <b>{one.label}</b>
              {`, ${one.text}`}
            </Box>
          ))}
          {step.ways.length > 0 && <Box>{step.ways.join(", ")}</Box>}
          {step.grits.length > 0 && <Box>{t("benchStep.grit", { grits: step.grits.join(t("benchStep.then")) })}</Box>}
          {step.sprayer && <Box>{step.sprayer}</Box>}
          {step.done_when && <Box sx={{ mt: 0.5 }}>{t("benchStep.doneWhen", { donewhen: step.done_when })}</Box>}
          {step.wait && <Box sx={{ color: "warning.main" }}>{t("benchStep.thenWait", { wait: step.wait })}</Box>}
        </Box>
      </Row>
      {unread.map((one) => (
        <Box
          key={one.key}
          role="note"
          sx={{ borderLeft: 6, borderColor: "warning.main", bgcolor: "background.paper", p: 1.5, mt: 1.5 }}
        >
          <CautionText caution={one} />
          <Button
            variant="outlined"
            sx={{ minHeight: 56, mt: 1, fontSize: 18 }}
            onClick={() => void confirm(one.key, () => undefined).catch(failed)}
          >
            {t("benchStep.iveRead")}
          </Button>
        </Box>
      ))}
      {unread.length > 0 && <Quiet>{t("benchStep.alwaysFollowLabelSafety")}</Quiet>}
      {unread.length === 0 && wear.length > 0 && (
        <Box sx={{ mt: 1.5, fontSize: 18 }}>{t("benchStep.wear", { wear: wear.join("; ") })}</Box>
      )}
    </>
  );
}
