// How many hours the piece still bears at floor pay; when they run out, what each way to go on pays from here.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import type { Piece } from "../../api/types";
import { Figures } from "../../kit/Figures";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";

export function BudgetPart({ piece, currency }: { piece: Piece; currency: string }) {
  const budget = piece.budget;
  if (!budget) return null;
  const hours = budget.hours.text;
  const plain = !hours
    ? null
    : budget.out
      ? `The hours have run out: ${hours.replace("−", "")} more was worked than the piece bears at floor pay.`
      : budget.short
        ? `${hours} left, and the work to come takes ${budget.to_come?.text}: it will run out before it is finished.`
        : `${hours} left at floor pay${budget.to_come ? `; what is still planned takes ${budget.to_come.text}` : ""}.`;
  return (
    <Part title="Hours budget">
      {plain && (
        <Alert
          severity={budget.out || budget.short ? "warning" : "success"}
          variant="outlined"
          sx={{ color: "text.primary", mb: 1.5 }}
        >
          {plain}
        </Alert>
      )}
      <Figures figures={[budget.hours, budget.left]} currency={currency} />
      {(budget.out || budget.short) && budget.ways.length > 0 && (
        <Box sx={{ mt: 2 }}>
          <SmallTable
            label="What each way to go on pays from here"
            columns={["From here on", [`Brings, ${currency}`], ["Hours"], [`Pays, ${currency} an hour`], ""]}
            rows={budget.ways.map((way) => ({
              key: way.label,
              cells: [
                way.label,
                way.take?.text,
                way.time?.seconds ? way.time.text : "none",
                way.pay?.text ?? "no hours",
                way.why ?? "",
              ],
            }))}
          />
          <Box sx={{ color: "text.secondary" }}>
            What was spent and worked so far is spent either way, so it is left out.
          </Box>
        </Box>
      )}
    </Part>
  );
}
