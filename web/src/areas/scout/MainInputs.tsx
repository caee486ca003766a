// The four inputs that are enough in a shop: kind, tag price, condition, expected resale.
import Box from "@mui/material/Box";
import InputAdornment from "@mui/material/InputAdornment";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import type { Prospect, Workshop } from "../../api/types";
import { KindInput } from "../../kit/shape/KindInput";
import type { Given } from "./given";
import { t } from "../../locales/scout";

type Props = {
  given: Given;
  set: (changes: Partial<Given>) => void;
  answer?: Prospect;
  workshop: Workshop;
  errors: Record<string, string>;
};

export function MainInputs({ given, set, answer, workshop, errors }: Props) {
  const currency = { endAdornment: <InputAdornment position="end">{workshop.symbol}</InputAdornment> };
  const resale = answer?.estimates.resale;
  const grade = workshop.lists.conditions.find((one) => one.key === given.condition);
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "1fr 1fr", md: "1.2fr 0.8fr 1.6fr 1fr" },
        gap: 2,
        alignItems: "start",
        mb: 2,
      }}
    >
      <Box sx={{ gridColumn: { xs: "1 / -1", md: "auto" } }}>
        <KindInput
          lists={workshop.lists}
          kind={given.kind}
          form={given.kind_form ?? ""}
          onKind={(kind) => set({ kind })}
          onForm={(kind_form) => set({ kind_form })}
          error={errors.kind}
          // The screen was opened to type here.
          field={{ autoFocus: given.kind === "" }}
        />
      </Box>
      <TextField
        label={t("mainInputs.tagPrice")}
        value={given.tag ?? ""}
        error={!!errors.tag}
        helperText={errors.tag ?? t("mainInputs.leaveBlankIfHas")}
        onChange={(event) => set({ tag: event.target.value })}
        slotProps={{ input: currency, htmlInput: { inputMode: "decimal" } }}
      />
      <Box sx={{ gridColumn: { xs: "1 / -1", md: "auto" }, order: { xs: 4, md: "unset" } }}>
        <ToggleButtonGroup
          exclusive
          fullWidth
          size="small"
          aria-label={t("mainInputs.condition")}
          value={given.condition}
          onChange={(_, condition: string | null) => condition && set({ condition })}
        >
          {workshop.lists.conditions.map((one) => (
            <ToggleButton key={one.key} value={one.key} sx={{ minHeight: 44 }}>
              {one.label}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Typography variant="caption" component="p" sx={{ m: 0, mt: 0.5, color: "text.secondary" }}>
          {grade && t("mainInputs.assumes", { looks: grade.looks, assumes: grade.assumes })}
          {answer?.estimates.hours && `; ${answer.estimates.hours.mean?.text}`}
          {answer?.estimates.materials &&
            t("mainInputs.materials", { mean: answer.estimates.materials.mean?.text, currency: workshop.symbol })}
          .
        </Typography>
      </Box>
      <TextField
        label={t("mainInputs.expectedPrice")}
        value={given.resale_likely ?? ""}
        error={!!(errors.resale_likely ?? errors.resale)}
        placeholder={resale?.mean?.text ?? ""}
        helperText={
          errors.resale_likely ??
          errors.resale ??
          (resale ? `${resale.mean?.text}: ${resale.source}` : t("mainInputs.whenFinished"))
        }
        onChange={(event) => set({ resale_likely: event.target.value })}
        slotProps={{ input: currency, htmlInput: { inputMode: "decimal" }, inputLabel: { shrink: true } }}
      />
    </Box>
  );
}
