// Answers to a question that are typed: work left, and what became of material.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { type ReactNode, useState } from "react";
import type { components } from "../../api/schema";
import type { Today } from "../../api/types";
import { EffortInput } from "../../kit/EffortInput";
import { t } from "../../locales/bench";

type Question = Today["questions"][number];
type Answered = components["schemas"]["Answered"];
type Send = (answer: Answered) => Promise<void>;

const row = { display: "flex", flexWrap: "wrap", gap: 1, mt: 0.5 } as const;

// How much work is left, where the hours that were said are used up.
export function Left({ send, children }: { send: Send; children: ReactNode }) {
  const [text, setText] = useState("");
  return (
    <Box sx={{ ...row, alignItems: "start" }}>
      <EffortInput label={t("questionFields.workLeft")} value={text} onChange={setText} sx={{ maxWidth: 220 }} />
      <Button variant="contained" disabled={text.trim() === ""} onClick={() => void send({ answer: text })}>
        {t("questionFields.save")}
      </Button>
      {children}
    </Box>
  );
}

type Became = "used" | "left_over" | "not_needed";
const BECAME: { key: Became; label: string }[] = [
  { key: "used", label: "used" },
  { key: "left_over", label: t("questionFields.leftOver") },
  { key: "not_needed", label: t("questionFields.needed") },
];

// What became of material that was planned.
export function Materials({ question, send }: { question: Question; send: Send }) {
  const [rows, setRows] = useState(() =>
    question.materials.map(({ material, amount }) => ({ material, amount, became: "used" as Became })),
  );
  const set = (place: number, change: Partial<(typeof rows)[number]>) =>
    setRows((all) => all.map((one, index) => (index === place ? { ...one, ...change } : one)));
  return (
    <Box sx={{ display: "grid", gap: 1, mt: 1 }}>
      {question.materials.map(({ material, label }, place) => (
        <Box key={material} role="group" aria-label={label} sx={{ ...row, mt: 0, alignItems: "center" }}>
          <Box sx={{ flex: "1 1 180px" }}>{label}</Box>
          <TextField
            select
            label={t("questionFields.correctColor")}
            value={rows[place]?.became ?? "used"}
            onChange={(event) => set(place, { became: event.target.value as Became })}
            sx={{ width: 140 }}
          >
            {BECAME.map(({ key, label: said }) => (
              <MenuItem key={key} value={key}>
                {said}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            label={t("questionFields.amount")}
            value={rows[place]?.amount ?? ""}
            disabled={rows[place]?.became !== "used"}
            onChange={(event) => set(place, { amount: event.target.value })}
            sx={{ width: 120 }}
          />
        </Box>
      ))}
      <Box sx={row}>
        <Button variant="contained" onClick={() => void send({ materials: rows })}>
          {t("questionFields.save")}
        </Button>
        <Button
          variant="outlined"
          onClick={() => void send({ materials: rows.map((one) => ({ ...one, became: "not_needed" })) })}
        >
          {t("questionFields.noneUsed")}
        </Button>
      </Box>
    </Box>
  );
}
