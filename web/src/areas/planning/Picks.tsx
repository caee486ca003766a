// Several of a list, in the order in which they were picked.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";

export function Picks({
  label,
  among,
  value,
  onChange,
}: {
  label: string;
  among: { key: string; label: string }[];
  value: string[];
  onChange: (value: string[]) => void;
}) {
  const toggle = (key: string) => onChange(value.includes(key) ? value.filter((one) => one !== key) : [...value, key]);
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, alignItems: "center", mb: 2 }}
    >
      <Typography variant="caption" sx={{ mr: 1 }}>
        {label}
      </Typography>
      {among.map((one) => {
        const place = value.indexOf(one.key);
        return (
          <Button
            key={one.key}
            size="small"
            variant={place >= 0 ? "contained" : "outlined"}
            aria-pressed={place >= 0}
            onClick={() => toggle(one.key)}
          >
            {place >= 0 && `${place + 1}. `}
            {one.label}
          </Button>
        );
      })}
    </Box>
  );
}
