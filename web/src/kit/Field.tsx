// One field of a form, drawn after its spec.
import Autocomplete from "@mui/material/Autocomplete";
import InputAdornment from "@mui/material/InputAdornment";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { type Control, useController } from "react-hook-form";
import { ColourField } from "./colour/ColourField";
import { CategoryField } from "./CategoryField";
import { FeeField } from "./FeeField";
import { EffortInput } from "./EffortInput";
import type { FieldSpec, Values } from "./fields";
import { KindInput } from "./shape/KindInput";
import { t } from "../locales/kit";

// A field of money brings the number pad; a length may be typed with its unit or as a fraction, and keeps the letters.
const MONEY = /^[A-Z]{3}$/;

type Props = { spec: FieldSpec; control: Control<Values>; error?: string; first?: boolean };

// A kind with the form that is asked for where its word is not known.
function KindField({ spec, control, error, first = false }: Props) {
  const kind = useController({ name: spec.name, control }).field;
  const form = useController({ name: `${spec.name}_form`, control }).field;
  if (!spec.lists) return null;
  return (
    <KindInput
      lists={spec.lists}
      kind={kind.value ?? ""}
      form={form.value ?? ""}
      onKind={kind.onChange}
      onForm={form.onChange}
      error={error}
      help={spec.help}
      field={{ name: spec.name, inputRef: kind.ref, onBlur: kind.onBlur, autoFocus: first }}
    />
  );
}

export function Field(props: Props) {
  if (props.spec.kind === "kind") return <KindField {...props} />;
  if (props.spec.kind === "fee") return <FeeField {...props} />;
  if (props.spec.kind === "category") return <CategoryField {...props} />;
  return <PlainField {...props} />;
}

function PlainField({ spec, control, error, first = false }: Props) {
  const { field } = useController({ name: spec.name, control });
  const value = field.value ?? "";
  const common = {
    label: spec.label,
    error: !!error,
    helperText: error ?? spec.help,
    name: spec.name,
    inputRef: field.ref,
    onBlur: field.onBlur,
    autoFocus: first,
    autoComplete: "off",
  };
  const unit = spec.unit ? { endAdornment: <InputAdornment position="end">{spec.unit}</InputAdornment> } : {};

  if (spec.kind === "suggest") {
    return (
      <Autocomplete
        freeSolo
        options={spec.suggestions ?? []}
        inputValue={value}
        value={value || null}
        onInputChange={(_, text) => field.onChange(text)}
        renderInput={(params) => <TextField {...params} {...common} />}
      />
    );
  }
  if (spec.kind === "colour") {
    return (
      <ColourField
        label={spec.label}
        value={value}
        onChange={field.onChange}
        none={spec.help ?? t("field.woodColor")}
        {...(error ? { error } : {})}
      />
    );
  }
  if (spec.kind === "effort")
    return (
      <EffortInput
        {...common}
        value={value}
        onChange={field.onChange}
        refused={error}
        help={spec.help}
        {...(spec.bare ? { bare: spec.bare } : {})}
      />
    );
  return (
    <TextField
      {...common}
      value={value}
      onChange={(event) => {
        field.onChange(event);
        spec.onPick?.(event.target.value);
      }}
      select={spec.kind === "select"}
      type={spec.kind === "date" ? "date" : "text"}
      multiline={spec.kind === "multiline"}
      minRows={spec.kind === "multiline" ? 3 : undefined}
      helperText={error ?? spec.help}
      slotProps={{
        input: unit,
        inputLabel: spec.kind === "date" ? { shrink: true } : {},
        htmlInput: MONEY.test(spec.unit ?? "") ? { inputMode: "decimal" } : {},
      }}
    >
      {spec.options?.map((option) => (
        <MenuItem key={option.key} value={option.key}>
          {option.label}
        </MenuItem>
      ))}
    </TextField>
  );
}
