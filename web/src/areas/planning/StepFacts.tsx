// What is known of one step: why, when it is done, how long it takes and what that rests on, where and after what.
import Box from "@mui/material/Box";
import type { Step } from "../../api/types";
import { Quiet } from "../../kit/layout";

export function StepFacts({ step }: { step: Step }) {
  const rows: [string, string | null | undefined][] = [
    ["Why", step.why],
    ["Done when", step.done_when],
    ["Time", `${step.time?.text}, ${step.range}, ${step.rests_on}`],
    ["Worked", step.actual && `${step.actual.text} so far`],
    ["Wait", step.wait && `${step.wait}: ${step.wait_why ?? "as planned"}`],
    ["Grits", step.grits.join(", ")],
    ["By", step.ways.join(" and ")],
    ["Sprayer", step.sprayer],
    ["Place", [step.place, step.floor && `${step.floor} of floor`].filter(Boolean).join(", ")],
    [
      "Comes after",
      step.needs.map((need) => `${need.label}${need.wait ? ` and ${need.wait}` : ""} (${need.why})`).join("; "),
    ],
    ["Note", step.notes.join("; ")],
    ["Before", step.remembered.join("; ")],
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
