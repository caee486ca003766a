// What the channel takes of a sale: filled in from its price and its channel until somebody types another fee.
import InputAdornment from "@mui/material/InputAdornment";
import TextField from "@mui/material/TextField";
import { useEffect, useState } from "react";
import { type Control, useController, useWatch } from "react-hook-form";
import { useChannelFee } from "../api/queries";
import type { FieldSpec, Values } from "./fields";
import { useSettled } from "./useSettled";
import { t } from "../locales/kit";

type Props = { spec: FieldSpec; control: Control<Values>; error?: string };

export function FeeField({ spec, control, error }: Props) {
  const { field } = useController({ name: spec.name, control });
  const [price = "", channel = ""] = useWatch({ control, name: ["price", "channel"] });
  const [typed, setTyped] = useState(!!field.value); // a fee that stands already was said by somebody
  const { data } = useChannelFee(useSettled(price.trim(), 250), useSettled(channel.trim(), 250), spec.piece);
  const fee = data?.fee?.typed ?? "";
  const { onChange, value } = field;
  useEffect(() => {
    if (!typed && data && fee !== value) onChange(fee);
  }, [typed, data, fee, onChange, value]);
  return (
    <TextField
      label={spec.label}
      value={value ?? ""}
      name={spec.name}
      inputRef={field.ref}
      onBlur={field.onBlur}
      onChange={(event) => {
        setTyped(true);
        onChange(event);
      }}
      error={!!error}
      helperText={
        error ?? (!typed && fee && data?.channel ? t("feeField.whatCharges", { channel: data.channel }) : undefined)
      }
      autoComplete="off"
      slotProps={{
        input: spec.unit ? { endAdornment: <InputAdornment position="end">{spec.unit}</InputAdornment> } : {},
        htmlInput: { inputMode: "decimal" },
      }}
    />
  );
}
