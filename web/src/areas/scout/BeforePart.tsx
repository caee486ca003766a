// What was checked before committing: fit, height, core, pulls, room.
import Box from "@mui/material/Box";
import type { Prospect } from "../../api/types";
import { FitTable } from "../../kit/FitTable";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";

function Noted({ noted }: { noted: { text: string; wrong: boolean } | null }) {
  return noted && <Box sx={{ color: noted.wrong ? "error.main" : "text.primary" }}>{noted.text}</Box>;
}

export function BeforePart({ prospect, currency }: { prospect: Prospect; currency: string }) {
  const { before } = prospect;
  const missing = prospect.fields.checks?.missing_of_pair;
  return (
    <Part title="Before you commit">
      <Box sx={{ display: "grid", gap: 1, mb: 2 }}>
        <Box>{before.room}</Box>
        <Noted noted={before.height} />
        <Noted noted={before.core} />
        {missing && (
          <Box sx={{ color: "error.main" }}>
            One of the pair lacks: {missing}. Make it to match before you paint, or sell them singly.
          </Box>
        )}
        {before.hardware?.complete && <Box>All pulls are there.</Box>}
      </Box>
      {before.hardware && !before.hardware.complete && (
        <SmallTable
          label="Pulls, three ways"
          width={860}
          columns={["Pulls", [`Cost, ${currency}`], ["Work"], ["With target pay"], "Mind"]}
          rows={before.hardware.ways.map((way) => ({
            key: way.key,
            strong: way.best,
            cells: [
              `${way.label}${way.best ? " (cheapest)" : ""}`,
              way.money?.text ?? way.why,
              way.effort?.text,
              way.total?.text ?? "not known",
              way.note,
            ],
          }))}
        />
      )}
      <FitTable fit={before.fit} />
    </Part>
  );
}
