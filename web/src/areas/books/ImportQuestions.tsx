// What a spreadsheet leaves open, asked in plain words.
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import type { ImportCheck } from "../../api/types";

type Answer = { decimal?: "comma"; dates?: "dmy" | "mdy" };
const DATES = { dmy: "Day first", mdy: "Month first" };

export function ImportQuestions({ check, onAnswer }: { check: ImportCheck; onAnswer: (answer: Answer) => void }) {
  return check.questions.map((question) => (
    <Alert
      key={question.key}
      severity="info"
      sx={{ mb: 1 }}
      action={
        question.key === "decimal" ? (
          <Button color="inherit" onClick={() => onAnswer({ decimal: "comma" })}>
            Yes, a comma
          </Button>
        ) : (
          question.choices.map((choice) => (
            <Button key={choice} color="inherit" onClick={() => onAnswer({ dates: choice as "dmy" | "mdy" })}>
              {DATES[choice as "dmy" | "mdy"]}
            </Button>
          ))
        )
      }
    >
      {question.key === "decimal"
        ? `Is “${question.example}” written with a decimal comma?`
        : `How is the date “${question.example}” written?`}
    </Alert>
  ));
}
