// A piece in hand on Today: what it is, what comes next, and its timer within one tap.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { PieceRow } from "../../api/types";
import { useOpen } from "../../kit/session/open";
import { Drawing } from "../../kit/Drawing";
import { PieceTitle } from "../../kit/PieceTitle";
import { NEXT_EVENT } from "../../kit/stages";

export function InHandRow({ row, currency, busy }: { row: PieceRow; currency: string; busy: boolean }) {
  const open = useOpen();
  const days = row.strip.days;
  const left = row.budget?.hours ? (row.budget.out ? ", hours run out" : `, ${row.budget.hours.text} left`) : "";
  const spent = `${row.hours?.text ?? "no hours yet"}${left}, ${days === null ? "days not known" : days === 1 ? "1 day" : `${days} days`}`;
  return (
    <Box sx={{ display: "flex", gap: 2, alignItems: "center", borderBottom: 1, borderColor: "divider", py: 0.75 }}>
      <Drawing shape={row.drawing} width={64} height={54} />
      <Box sx={{ flex: "1 1 180px", minWidth: 0 }}>
        <PieceTitle
          id={row.id}
          ticket={row.ticket}
          name={row.name}
          line={
            row.next_step
              ? `${row.next_step.label}, ${row.next_step.time?.text}, ${row.next_step.at}`
              : NEXT_EVENT[row.stage]
          }
        />
        <Box sx={{ color: "text.secondary", display: { xs: "block", sm: "none" } }}>{spent}</Box>
      </Box>
      <Box sx={{ textAlign: "right", minWidth: 150, display: { xs: "none", sm: "block" } }}>{spent}</Box>
      <Box sx={{ textAlign: "right", minWidth: 118, display: { xs: "none", sm: "block" } }}>
        {row.price ? (
          <>
            {row.price.money?.text} {currency}
            <Box sx={{ color: "text.secondary" }}>{row.price.label}</Box>
          </>
        ) : (
          <Box sx={{ color: "text.secondary" }}>price paid not known</Box>
        )}
      </Box>
      <Button
        variant="outlined"
        disabled={busy}
        onClick={() => open.startTimer({ id: row.id, name: row.name })}
        aria-label={`Start a timer on ${row.name}`}
      >
        Start
      </Button>
    </Box>
  );
}
