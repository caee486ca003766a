// The parts of a mix: what, and how many of it by volume.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useCatalogue } from "../../api/queries";
import type { Mixes } from "../../api/types";
import { ColourField } from "../../kit/colour/ColourField";

// product: empty for something that is on no shelf, such as water.
export type PartRow = { product: string; colour: string; label: string; parts: string };
export const NO_PART: PartRow = { product: "", colour: "", label: "water", parts: "1" };
export const asInput = (rows: PartRow[]) =>
  rows.map(({ product, colour, label, parts }) => (product ? { product, colour, parts } : { label, parts }));
export const asRows = (parts: { product: string | null; colour: string; label: string; parts: string }[]): PartRow[] =>
  parts.map(({ product, ...part }) => ({ ...part, product: product ?? "" }));

type Props = { rows: PartRow[]; set: (rows: PartRow[]) => void; choices: Mixes["parts"] };

export function PartRows({ rows, set, choices }: Props) {
  const products = useCatalogue().data?.products ?? [];
  const coloured = new Set(products.filter((one) => one.colours).map((one) => one.key));
  const change = (place: number, changes: Partial<PartRow>) =>
    set(rows.map((row, at) => (at === place ? { ...row, ...changes } : row)));
  return (
    <Box role="group" aria-label="Parts by volume" sx={{ display: "grid", gap: 1.5 }}>
      {rows.map((row, place) => (
        <Box
          key={place}
          sx={{
            display: "grid",
            gridTemplateColumns: !row.product || coloured.has(row.product) ? "1.5fr 1.5fr 1fr auto" : "3fr 1fr auto",
            gap: 1,
          }}
        >
          <TextField
            select
            label={`Part ${place + 1}`}
            value={row.product}
            onChange={(event) => change(place, { product: event.target.value, colour: "" })}
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          >
            <MenuItem value="">not on the shelf</MenuItem>
            {choices.map((one) => (
              <MenuItem key={one.key} value={one.key}>
                {one.label}
              </MenuItem>
            ))}
          </TextField>
          {coloured.has(row.product) && (
            <ColourField
              label={`Colour of part ${place + 1}`}
              value={row.colour}
              onChange={(colour) => change(place, { colour })}
              none="not said"
            />
          )}
          {!row.product && (
            <TextField
              label={`Name of part ${place + 1}`}
              value={row.label}
              onChange={(event) => change(place, { label: event.target.value })}
            />
          )}
          <TextField
            label={`Parts of ${place + 1}`}
            value={row.parts}
            onChange={(event) => change(place, { parts: event.target.value })}
          />
          <Button
            color="inherit"
            disabled={rows.length < 3}
            onClick={() => set(rows.filter((_, at) => at !== place))}
            aria-label={`Leave out part ${place + 1}`}
          >
            Leave out
          </Button>
        </Box>
      ))}
      <Button sx={{ justifySelf: "start" }} onClick={() => set([...rows, NO_PART])}>
        Another part
      </Button>
    </Box>
  );
}
