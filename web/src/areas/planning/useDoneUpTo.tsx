// Recorded afterwards: a step and all before it are done; one undo opens them again. Cautions that must be read come
// together, once.
import Alert from "@mui/material/Alert";
import { useState } from "react";
import { api, ask, undoOf } from "../../api/client";
import type { Plan } from "../../api/types";
import { CautionText } from "../../kit/CautionText";
import { FormDialog } from "../../kit/FormDialog";
import { useUndo } from "../../kit/session/undo";
import { t } from "../../locales/planning";

type Asked = { step: string; label: string };

// Returns what to call with the last step and how it is called, and the dialog.
export function useDoneUpTo(page: Plan) {
  const { done, failed } = useUndo();
  const [asked, setAsked] = useState<Asked | null>(null);
  const path = { params: { path: { id: page.id } } };
  const unread = (last: string) => {
    const steps = page.plan?.steps ?? [];
    const upTo = steps.slice(0, steps.findIndex((step) => step.key === last) + 1);
    const all = upTo.filter((step) => step.state !== "done").flatMap((step) => step.cautions);
    return [...new Map(all.filter((one) => one.serious && !one.confirmed).map((one) => [one.key, one])).values()];
  };
  const finish = async ({ step, label }: Asked) => {
    for (const { key } of unread(step)) {
      await ask(api.POST("/api/pieces/{id}/confirmations", { ...path, body: { caution: key } }));
    }
    const made = await ask(api.POST("/api/pieces/{id}/steps/done-up-to", { ...path, body: { step } }));
    done(t("useDoneUpTo.stepsDoneUp", { count: made.steps.length, label }), undoOf(made));
    setAsked(null);
  };
  const upTo = (step: string, label: string) => {
    if (unread(step).length > 0) setAsked({ step, label });
    else void finish({ step, label }).catch(failed);
  };
  const dialog = asked && (
    <FormDialog
      title={t("useDoneUpTo.readFirst")}
      submit={t("useDoneUpTo.readAllDone")}
      fields={[]}
      extra={unread(asked.step).map((one) => (
        <Alert key={one.key} role="note" severity="warning" variant="outlined" sx={{ color: "text.primary" }}>
          <CautionText caution={one} />
        </Alert>
      ))}
      onClose={() => setAsked(null)}
      onSubmit={() => finish(asked)}
    />
  );
  return [upTo, dialog] as const;
}
