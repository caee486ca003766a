// The parts of a mix: what, and how many of it by volume.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useCatalogue } from "../../api/queries";
import type { Mixes } from "../../api/types";
import { ColourField } from "../../kit/colour/ColourField";
import { t } from "../../locales/shelf";

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
    <Box role="group" aria-label={t("partRows.partsVolume")} sx={{ display: "grid", gap: 1.5 }}>
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
            label={t("partRows.part", { place: place + 1 })}
            value={row.product}
            onChange={(event) => change(place, { product: event.target.value, colour: "" })}
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          >
            <MenuItem value="">{t("partRows.shelf")}</MenuItem>
            {choices.map((one) => (
              <MenuItem key={one.key} value={one.key}>
                {one.label}
              </MenuItem>
            ))}
          </TextField>
          {coloured.has(row.product) && (
            <ColourField
              label={t("partRows.colorPart", { place: place + 1 })}
              value={row.colour}
              onChange={(colour) => change(place, { colour })}
              none={t("partRows.set")}
            />
          )}
          {!row.product && (
            <TextField
              label={t("partRows.namePart", { place: place + 1 })}
              value={row.label}
              onChange={(event) => change(place, { label: event.target.value })}
            />
          )}
          <TextField
            label={t("partRows.parts", { place: place + 1 })}
            value={row.parts}
            onChange={(event) => change(place, { parts: event.target.value })}
          />
          <Button
            color="inherit"
            disabled={rows.length < 3}
            onClick={() => set(rows.filter((_, at) => at !== place))}
            aria-label={t("partRows.removePart", { place: place + 1 })}
          >
            {t("partRows.remove")}
          </Button>
        </Box>
      ))}
      <Button sx={{ justifySelf: "start" }} onClick={() => set([...rows, NO_PART])}>
        {t("partRows.addPart")}
      </Button>
    </Box>
  );
}
