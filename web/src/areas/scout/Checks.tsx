// What to make sure of before committing: use and height, what a top is made of, an incomplete set of pulls.
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import type { Workshop } from "../../api/types";
import type { Given } from "./given";

type Checks = NonNullable<Given["checks"]>;
type Props = { checks: Checks; set: (checks: Checks) => void; workshop: Workshop; errors: Record<string, string> };

export function Checks({ checks, set, workshop, errors }: Props) {
  const change = (name: keyof Checks) => (event: { target: { value: string } }) =>
    set({ ...checks, [name]: event.target.value });
  const field = (name: keyof Checks, label: string, help = "") => (
    <TextField
      label={label}
      value={checks[name] ?? ""}
      error={!!errors[name]}
      helperText={errors[name] ?? help}
      onChange={change(name)}
    />
  );
  const choose = (name: keyof Checks, label: string, options: { key: string; label: string }[], help: string) => (
    <TextField select label={label} value={checks[name] ?? ""} helperText={help} onChange={change(name)}>
      <MenuItem value="">not asked</MenuItem>
      {options.map((option) => (
        <MenuItem key={option.key} value={option.key}>
          {option.label}
        </MenuItem>
      ))}
    </TextField>
  );
  return (
    <>
      <Typography variant="h3" sx={{ mb: 1 }}>
        Before you commit
      </Typography>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr 1fr", md: "repeat(4, 1fr)" },
          gap: 2,
          mb: 3,
          alignItems: "start",
        }}
      >
        {choose("use", "Used as", workshop.lists.uses, "is its height right for that?")}
        {choose("core", "A top to be cut is of", workshop.lists.cores, "hollow ones cannot be cut")}
        {field("missing_of_pair", "Missing on one of a pair", "what the other has")}
        {choose(
          "pulls_same_holes",
          "New pulls in the old holes",
          [
            { key: "yes", label: "yes" },
            { key: "no", label: "no, fill them" },
          ],
          "same spacing?",
        )}
        {field("pulls_needed", "Pulls it needs")}
        {field("pulls_present", "Pulls that are there")}
        {field("match_price", `One that matches, ${workshop.currency}`)}
        {field("new_price", `A new one, ${workshop.currency}`)}
        {field("plate_price", `One with a plate, ${workshop.currency}`)}
      </Box>
    </>
  );
}
