// What to make sure of before committing: use and height, what a top is made of, an incomplete set of pulls.
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import type { Workshop } from "../../api/types";
import type { Given } from "./given";
import { t } from "../../locales/scout";

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
      <MenuItem value="">{t("checks.checked")}</MenuItem>
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
        {t("checks.beforeBuy")}
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
        {choose("use", t("checks.use"), workshop.lists.uses, t("checks.checksHeight"))}
        {choose("core", t("checks.ifCutTopMade"), workshop.lists.cores, t("checks.hollowTopsCantCut"))}
        {field("missing_of_pair", t("checks.missingOnePair"), t("checks.otherOneHas"))}
        {choose(
          "pulls_same_holes",
          t("checks.newPullsOldHoles"),
          [
            { key: "yes", label: "yes" },
            { key: "no", label: t("checks.fillThem") },
          ],
          t("checks.sameHoleSpacing"),
        )}
        {field("pulls_needed", t("checks.pullsNeeded"))}
        {field("pulls_present", t("checks.pullsHas"))}
        {field("match_price", t("checks.matchingOne", { currency: workshop.symbol }))}
        {field("new_price", t("checks.newOne", { currency: workshop.symbol }))}
        {field("plate_price", t("checks.oneBackplate", { currency: workshop.symbol }))}
      </Box>
    </>
  );
}
