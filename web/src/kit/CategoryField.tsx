// What a cost is for: guessed from its words while they are typed, shown, and changed with one tap.
import Box from "@mui/material/Box";
import FormHelperText from "@mui/material/FormHelperText";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useEffect, useId, useState } from "react";
import { type Control, useController, useWatch } from "react-hook-form";
import { useCategory } from "../api/queries";
import type { FieldSpec, Values } from "./fields";
import { useSettled } from "./useSettled";

type Props = { spec: FieldSpec; control: Control<Values>; error?: string };

export function CategoryField({ spec, control, error }: Props) {
  const id = useId();
  const { field } = useController({ name: spec.name, control });
  const what = useWatch({ control, name: "what" }) ?? "";
  // A category that stands already was chosen by somebody.
  const [chosen, setChosen] = useState(!!field.value);
  const guess = useCategory(useSettled(what, 250)).data?.category;
  const { onChange, value } = field;
  useEffect(() => {
    if (!chosen && guess && guess !== value) onChange(guess);
  }, [chosen, guess, onChange, value]);
  return (
    <Box>
      <Typography id={id} variant="caption" component="div" sx={{ color: "text.secondary" }}>
        {spec.label}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={field.value ?? ""}
        onChange={(_, key: string | null) => {
          if (!key) return;
          setChosen(true);
          onChange(key);
        }}
        aria-labelledby={id}
      >
        {spec.options?.map((option) => (
          <ToggleButton key={option.key} value={option.key}>
            {option.label}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {error && <FormHelperText error>{error}</FormHelperText>}
    </Box>
  );
}
