// Whether it worked: a trial's result decides what follows; for any other step it is remembered for the next time.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api } from "../../api/client";
import type { Plan, Step } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import type { Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/planning";

export function StepResult({ step, page }: { step: Step; page: Plan }) {
  const [badly, setBadly] = useState(false);
  const save = useSave();
  const { failed } = useUndo();
  if (step.lead || step.decide || step.materials.length + (step.try ? 1 : 0) === 0) return null;
  const unread = step.cautions.some((one) => one.serious && !one.confirmed);
  const send = async (worked: "yes" | "no", more: Values = {}) => {
    await save(
      api.POST("/api/pieces/{id}/experiences", {
        params: { path: { id: page.id } },
        body: { step: step.key, worked, ...more },
      }),
      worked === "yes" ? t("stepResult.notedWorked") : t("stepResult.notedDidntWork"),
    );
  };
  return (
    <Box className="no-print" sx={{ my: 1 }}>
      {step.try && (
        <Typography variant="body2">
          {t("stepResult.stopAfterMinIf", { stop: step.try.stop, fallback: step.try.fallback })}
        </Typography>
      )}
      {step.try && step.state !== "done" && (
        <Button
          size="small"
          variant="outlined"
          disabled={unread}
          sx={{ mr: 1, minHeight: 44 }}
          onClick={() => void send("yes").catch(failed)}
        >
          {t("stepResult.worked")}
        </Button>
      )}
      <Button
        size="small"
        variant={step.try ? "outlined" : "text"}
        disabled={unread && step.try !== null}
        onClick={() => setBadly(true)}
        sx={{ minHeight: 44 }}
      >
        {t("stepResult.wentWrong")}
      </Button>
      {badly && (
        <FormDialog
          title={t("stepResult.wentWrong2", { step: step.label })}
          submit={t("stepResult.saveNote")}
          fields={[
            { name: "lost", label: t("stepResult.timeLost"), kind: "effort", bare: "min", half: true },
            { name: "note", label: t("stepResult.whatHappened"), kind: "text" },
          ]}
          onClose={() => setBadly(false)}
          onSubmit={async (values) => {
            await send("no", values);
            setBadly(false);
          }}
        />
      )}
    </Box>
  );
}
