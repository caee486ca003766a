// House rules: how this workshop does it, with the reason beside each choice. Saved at once, each change undoable.
import Alert from "@mui/material/Alert";
import LinearProgress from "@mui/material/LinearProgress";
import { useWorkshop } from "../../api/queries";
import { SchemeSwitch } from "../../kit/SchemeSwitch";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { AccessPart } from "./AccessPart";
import { BackupPart } from "./BackupPart";
import { Openings } from "./Openings";
import { People } from "./People";
import { WorkshopPractices } from "./WorkshopPractices";
import { Rule } from "./Rule";
import { rules } from "./groups";
import { useSaveRule } from "./useSaveRule";
import { WorkingHours } from "./WorkingHours";

export default function HouseRules() {
  const workshop = useWorkshop();
  const [save, clash] = useSaveRule();
  if (workshop.error && !isKept(workshop))
    return <Failure error={workshop.error} again={() => void workshop.refetch()} />;
  if (!workshop.data) return <LinearProgress aria-label="Loading" />;
  const data = workshop.data;

  return (
    <>
      <PageHead title="House rules" line="How this workshop does it. Plans and sums follow." />
      {clash && (
        <Alert severity="warning" sx={{ mb: 2 }}>
          The rules were changed in another tab meanwhile. They stand now as shown below; what you typed is still in its
          field: press Save if it shall stand.
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
