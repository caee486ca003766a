// A colour by its patch and name; the palette opens beside it.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import FormControl from "@mui/material/FormControl";
import FormHelperText from "@mui/material/FormHelperText";
import Popover from "@mui/material/Popover";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useColours } from "../../api/queries";
import { Swatch } from "../Swatch";
import { Palette } from "./Palette";
import { t } from "../../locales/kit";

type Props = {
  label: string;
  // Key of a colour or a swatch; empty for none.
  value: string;
  onChange: (value: string) => void;
  none?: string;
  error?: string;
  help?: string;
};

export function ColourField({ label, value, onChange, none = t("colourField.colorYet"), error, help }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const colours = useColours().data?.colours ?? [];
  const chosen = colours.find((one) => one.key === value) ?? colours.find((one) => one.hex === value.toLowerCase());
  const hex = chosen?.hex ?? (value.startsWith("#") ? value : null);
  const said = chosen?.name ?? (value || none);
  const choose = (key: string) => {
    onChange(key);
    setAnchor(null);
  };
  return (
    <FormControl error={!!error} fullWidth>
      <ButtonBase
        onClick={(event) => setAnchor(event.currentTarget)}
        aria-haspopup="dialog"
        aria-expanded={anchor !== null}
        aria-label={`${label} ${said}`}
        sx={{
          justifyContent: "flex-start",
          gap: 1.5,
          px: 1.5,
          minHeight: 56,
          border: 1,
          borderColor: error ? "error.main" : "divider",
          borderRadius: 1,
          textAlign: "left",
          font: "inherit",
          "&:focus-visible": { outline: 2, outlineStyle: "solid", outlineColor: "primary.main" },
        }}
      >
        <Swatch colour={hex} size={30} />
        <Box sx={{ minWidth: 0 }}>
          <Typography variant="caption" component="span" sx={{ display: "block", color: "text.secondary" }}>
            {label}
          </Typography>{" "}
          <Box component="span" sx={{ color: value ? "text.primary" : "text.secondary" }}>
            {said}
          </Box>
        </Box>
      </ButtonBase>
      {(error ?? help) && <FormHelperText>{error ?? help}</FormHelperText>}
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: "bottom", horizontal: "left" }}
        slotProps={{ paper: { role: "dialog", "aria-label": t("colourField.colors", { label }) } }}
      >
        <Palette colours={colours} value={value} none={none} onChoose={choose} />
      </Popover>
    </FormControl>
  );
}
