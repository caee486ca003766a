// House rules: how this workshop does it, with the reason beside each choice. Saved at once, each change undoable.
import Alert from "@mui/material/Alert";
import LinearProgress from "@mui/material/LinearProgress";
import { useState } from "react";
import { api, ask, ProblemError } from "../../api/client";
import { useKeepWorkshop, useWorkshop } from "../../api/queries";
import { SchemeSwitch } from "../../kit/SchemeSwitch";
import { useUndo } from "../../kit/session/undo";
import { Failure } from "../../kit/Failure";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { AccessPart } from "./AccessPart";
import { BackupPart } from "./BackupPart";
import { Openings } from "./Openings";
import { People } from "./People";
import { WorkshopPractices } from "./WorkshopPractices";
import { Rule, type RuleSpec } from "./Rule";
import { rules } from "./groups";
import { WorkingHours } from "./WorkingHours";

export default function HouseRules() {
  const workshop = useWorkshop();
  const keep = useKeepWorkshop();
  const { done } = useUndo();
  const [clash, setClash] = useState(false);
  if (workshop.error) return <Failure error={workshop.error} again={() => void workshop.refetch()} />;
  if (!workshop.data) return <LinearProgress aria-label="Loading" />;
  const data = workshop.data;

  const save = async (rule: RuleSpec, value: string) => {
    try {
      const saved = await ask(
        api.PATCH("/api/workshop", { body: { lock_version: data.lock_version, [rule.name]: value } }),
      ).then(keep);
      done(`${rule.label} saved`, () =>
        ask(api.PATCH("/api/workshop", { body: { lock_version: saved.lock_version, [rule.name]: rule.value } })),
      );
      setClash(false);
    } catch (error) {
      if (error instanceof ProblemError && error.problem.status === 409) {
        setClash(true);
        await workshop.refetch();
      }
      throw error;
    }
  };
  return (
    <>
      <PageHead title="House rules" line="How this workshop does it. Plans and sums follow." />
      {clash && (
        <Alert severity="warning" sx={{ mb: 2 }}>
          The rules were changed in another tab meanwhile. They stand now as shown below; what you typed is still in its
          field: press Save again if it shall stand.
        </Alert>
      )}
      {rules(data).map((group) => (
        <Part key={group.title} title={group.title}>
          {group.rules.map((rule) => (
            <Rule key={rule.name} rule={rule} onSave={(value) => save(rule, value)} />
          ))}
        </Part>
      ))}
      <WorkingHours people={data.people} />
      <WorkshopPractices workshop={data} />
      <Openings openings={data.openings} unit={data.length_unit} />
      <People people={data.people} />
      <AccessPart />
      <BackupPart backup={data.backup} demo={data.demo} />
      <Part title="This device">
        <SchemeSwitch />
      </Part>
    </>
  );
}
