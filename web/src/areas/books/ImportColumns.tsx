// The columns of somebody's spreadsheet, each with what it is taken as; a guess is said to be one.
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { ImportCheck } from "../../api/types";
import { SmallTable } from "../../kit/SmallTable";

const LABELS: Record<string, string> = {
  bought_on: "bought on",
  purchase: "price paid",
  other_costs: "other costs",
  started_on: "started on",
  ready_on: "ready on",
  listed_on: "listed on",
  asking_price: "asking price",
  sold_on: "sold on",
  sale_price: "sale price",
  outcome_on: "outcome on",
};

type Props = { check: ImportCheck; onMatch: (head: string, to: string) => void };

export function ImportColumns({ check, onMatch }: Props) {
  const open = check.columns.some((column) => column.guessed || column.to === null) || check.problems.length > 0;
  const unnamed = check.columns.filter((column) => column.head !== "");
  return (
    <Box component="details" open={open} sx={{ mb: 2 }}>
      <summary>{`Columns: ${unnamed.filter((column) => column.to).length} of ${unnamed.length} taken`}</summary>
      <SmallTable
        label="Columns of the file"
        columns={["In the file", "Such as", "Taken as", ""]}
        rows={unnamed.map((column) => ({
          key: column.head,
          cells: [
            column.head,
            column.samples.join(", ").slice(0, 60) || "empty",
            <TextField
              key="to"
              select
              size="small"
              value={column.to ?? "?"}
              onChange={(event) => onMatch(column.head, event.target.value)}
              sx={{ minWidth: 170 }}
              slotProps={{ htmlInput: { "aria-label": `${column.head} is taken as` } }}
            >
              <MenuItem value="?" disabled>
                choose
              </MenuItem>
              <MenuItem value="">leave it out</MenuItem>
              {check.known.map((name) => (
                <MenuItem key={name} value={name}>
                  {LABELS[name] ?? name}
                </MenuItem>
              ))}
            </TextField>,
            column.guessed ? "guessed: is it right?" : column.to === null ? "not known" : "",
          ],
        }))}
        width={760}
      />
    </Box>
  );
}
