// How long something took: what a number without a unit means stands beside it and changes with a tap; what it counts
// as is said below.
import Button from "@mui/material/Button";
import InputAdornment from "@mui/material/InputAdornment";
import TextField, { type TextFieldProps } from "@mui/material/TextField";
import { useState } from "react";
import { EffortEcho } from "./EffortEcho";
import { t } from "../locales/kit";

type Unit = "min" | "h" | "auto";
type Props = Omit<TextFieldProps, "value" | "onChange" | "helperText"> & {
  value: string;
  // Called with the unit written out: what is sent can be read in one way only.
  onChange: (text: string) => void;
  refused?: string | undefined;
  help?: string | undefined;
  // "min" where the field says minutes; else 3 is three hours, and what is too much for that minutes (the core
  // decides).
  bare?: "min" | "h";
};

const BARE = /^\s*\d+([.,]\d+)?\s*$/;
const meant = (text: string, unit: Unit) => (unit !== "auto" && BARE.test(text) ? `${text.trim()} ${unit}` : text);

export function EffortInput({ value, onChange, refused, help, bare, ...rest }: Props) {
  const [unit, setUnit] = useState<Unit>(bare ?? "auto");
  const [typed, setTyped] = useState(value);
  const type = (text: string) => {
    setTyped(text);
    onChange(meant(text, unit));
  };
  const turn = () => {
    const other = unit === "min" ? "h" : "min";
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
      helperText={refused ?? <EffortEcho text={value} help={help} bare={unit} />}
      slotProps={{
        input: {
          endAdornment: (
            <InputAdornment position="end">
              <Button
                size="small"
                onClick={turn}
                aria-label={t("effortInput.plainNumberMeans", {
                  more: unit === "min" ? t("effortInput.minutesSwitchHours") : t("effortInput.hoursSwitchMinutes"),
                })}
                sx={{ minWidth: 44 }}
              >
                {unit === "min" ? "min" : "h"}
              </Button>
            </InputAdornment>
          ),
        },
      }}
    />
  );
}
