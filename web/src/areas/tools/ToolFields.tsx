// What a tool asks for, each with its unit and, where it cannot be, what is wrong with it.
import Box from "@mui/material/Box";
import InputAdornment from "@mui/material/InputAdornment";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Tool } from "../../api/types";

type Props = {
  tool: Tool;
  values: Record<string, string>;
  errors: Record<string, string>;
  onChange: (name: string, value: string) => void;
};
const WIDE = ["sticks", "sheets", "text", "choice", "product", "lengths"];

export function ToolFields({ tool, values, errors, onChange }: Props) {
  return (
    <Box
      component="form"
      aria-label="Given"
      onSubmit={(event) => event.preventDefault()}
      sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2 }}
    >
      {tool.fields.map((field) => {
        const select = field.choices.length > 0;
        return (
          <TextField
            key={field.name}
            label={field.label}
            value={values[field.name] ?? ""}
            onChange={(event) => onChange(field.name, event.target.value)}
            error={errors[field.name] !== undefined}
            helperText={errors[field.name] ?? field.help ?? undefined}
            select={select}
            multiline={["sticks", "sheets"].includes(field.kind)}
            autoComplete="off"
            sx={{ gridColumn: WIDE.includes(field.kind) || field.label.length > 24 ? "1 / -1" : "auto" }}
            slotProps={{
              inputLabel: field.unit || values[field.name] ? { shrink: true } : {},
              input: field.unit ? { endAdornment: <InputAdornment position="end">{field.unit}</InputAdornment> } : {},
              htmlInput: select
                ? {}
                : {
                    inputMode: ["length", "number", "count", "area", "volume", "weight", "temperature", "run"].includes(
                      field.kind,
                    )
                      ? "decimal"
                      : "text",
                  },
            }}
          >
            {field.choices.map((one) => (
              <MenuItem key={one.key} value={one.key}>
                {one.label}
              </MenuItem>
            ))}
          </TextField>
        );
      })}
    </Box>
  );
}
