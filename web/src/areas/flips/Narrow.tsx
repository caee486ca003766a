// Narrows a list to one of what is there; nothing is shown where there is nothing to choose.
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";

type Props = { label: string; value: string; among: string[]; onChange: (value: string) => void };

export function Narrow({ label, value, among, onChange }: Props) {
  if (among.length < 2 && !value) return null;
  const known = value && !among.includes(value) ? [value, ...among] : among;
  return (
    <TextField
      select
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      sx={{ width: { xs: "calc(50% - 6px)", sm: 150 } }}
    >
      <MenuItem value="">all</MenuItem>
      {known.map((one) => (
        <MenuItem key={one} value={one}>
          {one}
        </MenuItem>
      ))}
    </TextField>
  );
}
