// One house rule: its value and its reason. It is saved as one leaves its field; a Save stands beside it until then.
import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import InputAdornment from "@mui/material/InputAdornment";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { type FocusEvent, type FormEvent, useState } from "react";
import { t } from "../../locales/house";

export type RuleSpec = {
  name: string;
  label: string;
  value: string;
  why: string;
  unit?: string;
  options?: { key: string; label: string }[];
};
const LONG = 10; // more options than this are searched by typing

// What was typed exactly comes first, then what begins so, then what has it anywhere: Enter takes the first.
function closest<T extends { key: string; label: string }>(options: T[], { inputValue }: { inputValue: string }): T[] {
  const typed = inputValue.trim().toLowerCase();
  if (typed === "" || options.some((option) => option.label.toLowerCase() === typed)) return options;
  const rank = ({ key, label }: T) => {
    if (key.toLowerCase() === typed) return 0;
    if (key.toLowerCase().startsWith(typed) || label.toLowerCase().startsWith(typed)) return 1;
    return label.toLowerCase().includes(typed) ? 2 : 3;
  };
  return options.filter((option) => rank(option) < 3).sort((one, other) => rank(one) - rank(other));
}

export function Rule({ rule, onSave }: { rule: RuleSpec; onSave: (value: string) => Promise<void> }) {
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const value = draft ?? rule.value;
  const save = (next: string) =>
    onSave(next)
      .then(() => {
        setDraft(null);
        setError(null);
      })
      .catch((problem: Error) => {
        setDraft(next);
        setError(problem.message);
      });
  // Not on the way to its own Save.
  const left = (event: FocusEvent<HTMLFormElement>) => {
    if (draft === null || draft === rule.value || error !== null) return;
    if (!event.currentTarget.contains(event.relatedTarget)) void save(draft);
  };
  const submitted = (event: FormEvent) => {
    event.preventDefault();
    void save(value);
  };
  const common = { label: rule.label, error: !!error, helperText: error };
  return (
    <Box
      component="form"
      onSubmit={submitted}
      onBlur={left}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "1fr", md: "330px 90px 1fr" },
        gap: 1.5,
        py: 1.5,
        borderBottom: 1,
        borderColor: "divider",
        alignItems: "start",
      }}
    >
      {rule.options && rule.options.length > LONG ? (
        <Autocomplete
          disableClearable
          options={rule.options}
          value={rule.options.find((option) => option.key === value)}
          isOptionEqualToValue={(one, other) => one.key === other.key}
          autoHighlight
          filterOptions={closest}
          onChange={(_, option) => void save(option.key)}
          renderInput={(params) => <TextField {...params} {...common} />}
        />
      ) : (
        <TextField
          {...common}
          select={!!rule.options}
          value={value}
          name={rule.name}
          autoComplete="off"
          onChange={(event) => {
            setError(null);
            if (rule.options) void save(event.target.value);
            else setDraft(event.target.value);
          }}
          slotProps={{
            input: rule.unit ? { endAdornment: <InputAdornment position="end">{rule.unit}</InputAdornment> } : {},
          }}
        >
          {rule.options?.map((option) => (
            <MenuItem key={option.key} value={option.key}>
              {option.label}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Box>
        {draft !== null && draft !== rule.value && (
          <Button type="submit" variant="contained" aria-label={t("rule.save", { rule: rule.label })}>
            {t("rule.save2")}
          </Button>
        )}
      </Box>
      <Box sx={{ color: "text.secondary", alignSelf: "center", maxWidth: "62ch" }}>{rule.why}</Box>
    </Box>
  );
}
