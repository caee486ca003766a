// How long something took: what a number without a unit means stands beside it and changes with a tap; what it counts as is said below.
import Button from "@mui/material/Button";
import InputAdornment from "@mui/material/InputAdornment";
import TextField, { type TextFieldProps } from "@mui/material/TextField";
import { useState } from "react";
import { EffortEcho } from "./EffortEcho";

type Unit = "min" | "h";
type Props = Omit<TextFieldProps, "value" | "onChange" | "helperText"> & {
  value: string;
  // Called with the unit written out: what is sent can be read in one way only.
  onChange: (text: string) => void;
  refused?: string | undefined;
  help?: string | undefined;
  bare?: Unit;
};

const BARE = /^\s*\d+([.,]\d+)?\s*$/;
const meant = (text: string, unit: Unit) => (BARE.test(text) ? `${text.trim()} ${unit}` : text);

export function EffortInput({ value, onChange, refused, help, bare = "min", ...rest }: Props) {
  const [unit, setUnit] = useState<Unit>(bare);
  const [typed, setTyped] = useState(value);
  const type = (text: string) => {
    setTyped(text);
    onChange(meant(text, unit));
  };
  const turn = () => {
    const other = unit === "h" ? "min" : "h";
    setUnit(other);
    onChange(meant(typed, other));
  };
  // Emptied or filled from outside, the field shows what it holds.
  const shown = meant(typed, unit) === value ? typed : value;
  return (
    <TextField
      {...rest}
      value={shown}
      onChange={(event) => type(event.target.value)}
      helperText={refused ?? <EffortEcho text={value} help={help} />}
      slotProps={{
        input: {
          endAdornment: (
            <InputAdornment position="end">
              <Button
                size="small"
                onClick={turn}
                aria-label={`${unit}: a bare number is ${unit === "h" ? "hours" : "minutes"}, change to ${unit === "h" ? "minutes" : "hours"}`}
                sx={{ minWidth: 44 }}
              >
                {unit}
              </Button>
            </InputAdornment>
          ),
        },
      }}
    />
  );
}
