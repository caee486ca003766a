// Things found in a lot that are no pieces: they go to the stash, with what they would cost to replace.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { t } from "../../locales/flips";

export type Found = { name: string; count: string; value: string };
type Props = { rows: Found[]; set: (rows: Found[]) => void; currency: string };

export function StashRows({ rows, set, currency }: Props) {
  const change = (place: number, changes: Partial<Found>) =>
    set(rows.map((row, at) => (at === place ? { ...row, ...changes } : row)));
  return (
    <Box sx={{ display: "grid", gap: 1, mt: 2 }}>
      {rows.map((row, place) => (
        <Box key={place} sx={{ display: "grid", gridTemplateColumns: "2fr 1fr 1fr", gap: 1 }}>
          <TextField
            label={t("stashRows.stash", { place: place + 1 })}
            value={row.name}
            onChange={(event) => change(place, { name: event.target.value })}
          />
          <TextField
            label={t("stashRows.howMany")}
            value={row.count}
            onChange={(event) => change(place, { count: event.target.value })}
          />
          <TextField
            label={t("stashRows.costReplaceOne", { currency })}
            value={row.value}
            onChange={(event) => change(place, { value: event.target.value })}
          />
        </Box>
      ))}
      <Button sx={{ justifySelf: "start" }} onClick={() => set([...rows, { name: "", count: "1", value: "" }])}>
        {t("stashRows.thereSomethingStashInside")}
      </Button>
    </Box>
  );
}
