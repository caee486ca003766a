// When each piece is ready, in the order in which they get their time, with what decides it.
import Box from "@mui/material/Box";
import { Link } from "react-router";
import type { Schedule } from "../../api/types";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";

export function ReadyTable({ pieces }: { pieces: Schedule["pieces"] }) {
  return (
    <Part title="Ready dates, in order of turn">
      <SmallTable
        label="When each piece is ready"
        columns={["Piece", ["Work left"], "Ready", "When all goes well, or not", "Promised", "Its turn"]}
        rows={pieces.map((row) => ({
          key: row.piece.id,
          cells: [
            <Link key="name" to={`/pieces/${row.piece.id}/plan`}>
              {row.piece.name}
            </Link>,
            row.remaining?.text,
            row.ready.on?.text ?? `not known: ${row.ready.why}`,
            row.ready.early && row.ready.late ? `${row.ready.early.text} to ${row.ready.late.text}` : "",
            row.promised ? (
              <Box key="promised" component="span" sx={{ color: row.late_days ? "error.main" : undefined }}>
                {row.promised.text}
                {row.late_days && `, ${row.late_days} ${row.late_days === 1 ? "day" : "days"} late`}
              </Box>
            ) : (
              ""
            ),
            row.why,
          ],
        }))}
      />
      <Box sx={{ color: "text.secondary" }}>
        Promised pieces go first, then what earns most for an hour of work left, then what is ready soonest. Waits are
        filled with the work of later ones.
      </Box>
    </Part>
  );
}
