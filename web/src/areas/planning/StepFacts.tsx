// What is known of one step: why, when it is done, how long it takes and what that rests on, where and after what.
import Box from "@mui/material/Box";
import type { Step } from "../../api/types";
import { Quiet } from "../../kit/layout";
import { t } from "../../locales/planning";

export function StepFacts({ step }: { step: Step }) {
  const rows: [string, string | null | undefined][] = [
    [t("stepFacts.why"), step.why],
    [t("stepFacts.doneWhen"), step.done_when],
    [t("stepFacts.time"), `${step.time?.text}, ${step.range}, ${step.rests_on}`],
    [t("stepFacts.worked"), step.actual && t("stepFacts.soFar", { actual: step.actual.text })],
    [t("stepFacts.wait"), step.wait && `${step.wait}: ${step.wait_why ?? t("stepFacts.planned")}`],
    [t("stepFacts.grits"), step.grits.join(", ")],
    [t("stepFacts.tool"), step.ways.join(t("stepFacts.and"))],
    [t("stepFacts.sprayer"), step.sprayer],
    [
      t("stepFacts.place"),
      [step.place, step.floor && t("stepFacts.floorSpace", { floor: step.floor })].filter(Boolean).join(", "),
    ],
    [
      t("stepFacts.after"),
      step.needs
        .map((need) => `${need.label}${need.wait ? t("stepFacts.and2", { wait: need.wait }) : ""} (${need.why})`)
        .join("; "),
    ],
    [t("stepFacts.note"), step.notes.join("; ")],
    [t("stepFacts.first"), step.remembered.join("; ")],
  ];
  return (
    <Box
      component="dl"
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "84px 1fr", sm: "110px 1fr" },
        columnGap: 2,
        rowGap: 0.25,
        m: 0,
        fontSize: "0.92rem",
      }}
    >
      {rows
        .filter(([, text]) => text)
        .map(([name, text]) => (
          <Box key={name} sx={{ display: "contents" }}>
            <Quiet component="dt">{name}</Quiet>
            <Box component="dd" sx={{ m: 0 }}>
              {text}
            </Box>
          </Box>
        ))}
    </Box>
  );
}
