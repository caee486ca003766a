// What kind of piece it is, in anybody's words: found by any part of a word, and said back; a word that nobody knows
// asks for its form once.
import Autocomplete, { createFilterOptions } from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField, { type TextFieldProps } from "@mui/material/TextField";
import type { Workshop } from "../../api/types";
import { useShape } from "./useShape";
import { t } from "../../locales/kit";

type Props = {
  lists: Workshop["lists"];
  kind: string;
  form: string;
  onKind: (kind: string) => void;
  onForm: (form: string) => void;
  error?: string;
  help?: string;
  field?: TextFieldProps;
};

const SHOWN = 12;
const matching = createFilterOptions<string>({ limit: 400 });
// Words that begin with what was typed come first.
function found(options: string[], state: Parameters<typeof matching>[1]): string[] {
  const typed = state.inputValue.trim().toLowerCase();
  const all = matching(options, state);
  const begin = all.filter((word) => word.toLowerCase().startsWith(typed));
  return [...begin, ...all.filter((word) => !begin.includes(word))].slice(0, SHOWN);
}

export function KindInput({ lists, kind, form, onKind, onForm, error, help, field = {} }: Props) {
  const said = kind.trim();
  const shape = useShape({ kind: said, kind_form: "" }, { enabled: said !== "" });
  const settled = said !== "" && shape.data && !shape.isPlaceholderData;
  const unknown = settled && !shape.data.known;
  const taken =
    settled && shape.data.known && shape.data.kind !== said.toLowerCase() && shape.data.kind !== "other"
      ? t("kindInput.treated", { kind: shape.data.kind })
      : undefined;
  return (
    <Box sx={{ display: "grid", gap: 2 }}>
      <Autocomplete
        freeSolo
        options={lists.kinds}
        filterOptions={found}
        inputValue={kind}
        value={kind || null}
        onInputChange={(_, text) => onKind(text)}
        renderInput={(params) => (
          <TextField
            {...params}
            {...field}
            label={t("kindInput.kind")}
            error={!!error}
            helperText={error ?? taken ?? help}
          />
        )}
      />
      {unknown && (
        <TextField
          select
          label={t("kindInput.whatsMostLike", { said })}
          value={form}
          onChange={(event) => onForm(event.target.value)}
          helperText={t("kindInput.askedOnceSetsDrawing")}
        >
          <MenuItem value="">{t("kindInput.decideLater")}</MenuItem>
          {lists.forms.map((one) => (
            <MenuItem key={one.key} value={one.key}>
              {one.label}
            </MenuItem>
          ))}
        </TextField>
      )}
    </Box>
  );
}
