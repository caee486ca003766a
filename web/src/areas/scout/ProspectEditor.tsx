// Noting or changing a spotted piece: the answer follows every keystroke, from the server.
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Collapse from "@mui/material/Collapse";
import { type ReactNode, useState } from "react";
import { isUnreachable, ProblemError } from "../../api/client";
import { useAnswer } from "../../api/queries";
import type { Workshop } from "../../api/types";
import { BackAgain } from "../../kit/BackAgain";
import { useDraftState } from "../../kit/session/useDraft";
import { useSettled } from "../../kit/useSettled";
import { Assumptions } from "./Assumptions";
import { CardAnswer } from "./CardAnswer";
import { Checks } from "./Checks";
import type { Given } from "./given";
import { MainInputs } from "./MainInputs";
import { Verdict } from "./Verdict";
import { Row } from "../../kit/layout";
import { t } from "../../locales/scout";

type Props = {
  initial: Given;
  workshop: Workshop;
  submit: string;
  // All fields open from the start.
  whole?: boolean;
  onSave: (given: Given) => Promise<void>;
  children?: ReactNode;
};

export function ProspectEditor({ initial, workshop, submit, whole = false, onSave, children }: Props) {
  const { value: given, set: setGiven, begin, back } = useDraftState(t("prospectEditor.spottedPiece"), initial);
  const [open, setOpen] = useState(whole);
  const [saving, setSaving] = useState(false);
  const [problem, setProblem] = useState<Error | null>(null);
  const set = (changes: Partial<Given>) => setGiven((before) => ({ ...before, ...changes }));
  const settled = useSettled(given, 150);
  const answer = useAnswer(settled, settled.kind.trim() !== "");
  const away = isUnreachable(answer.error);
  const wrong = away ? problem : (problem ?? (given.kind.trim() ? answer.error : null));
  const errors = wrong instanceof ProblemError ? wrong.fields : {};
  const hidden = Object.keys(errors).some((name) => !["kind", "tag", "resale", "resale_likely"].includes(name));
  const save = () => {
    setSaving(true);
    setProblem(null);
    onSave(given)
      .then(() => begin(given))
      .catch((error: Error) => setProblem(error))
      .finally(() => setSaving(false));
  };
  const shared = { given, set, answer: answer.data, workshop, errors };
  return (
    <>
      {back && <BackAgain onAnew={() => begin(initial)} />}
      <MainInputs {...shared} />
      {wrong && (Object.keys(errors).length === 0 || (hidden && !open)) && (
        <Alert severity="error" sx={{ mb: 2 }}>
          {wrong.message}
        </Alert>
      )}
      <Row align="stretch" sx={{ mb: 2 }}>
        <Button variant="contained" size="large" loading={saving} disabled={given.kind.trim() === ""} onClick={save}>
          {submit}
        </Button>
        <Button variant="outlined" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? t("prospectEditor.fewerDetails") : t("prospectEditor.changeAssumptions")}
        </Button>
        {children}
      </Row>
      {/* Below the buttons: they stay where they are when the answer comes in. */}
      {given.kind.trim() !== "" && answer.data && !away && <Verdict answer={answer.data} currency={workshop.symbol} />}
      {given.kind.trim() !== "" && away && (
        <CardAnswer kind={given.kind} condition={given.condition ?? ""} currency={workshop.symbol} />
      )}
      <Collapse in={open} unmountOnExit>
        <Assumptions {...shared} />
        <Checks checks={given.checks ?? {}} set={(checks) => set({ checks })} workshop={workshop} errors={errors} />
      </Collapse>
    </>
  );
}
