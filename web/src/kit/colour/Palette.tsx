// The palette: the workshop's own colours first, then those to begin with, and any other by its swatch. Found by typing
// a part of a name.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Colour } from "../../api/types";
import { Swatch } from "../Swatch";
import { NameColour } from "./NameColour";
import { Row } from "../layout";
import { t } from "../../locales/kit";

type Props = { colours: Colour[]; value: string; none: string; onChoose: (key: string) => void };

export function Palette({ colours, value, none, onChoose }: Props) {
  const [sought, setSought] = useState("");
  const hex = value.startsWith("#") ? value : (colours.find((one) => one.key === value)?.hex ?? "#7f8c83");
  const found = colours.filter((one) => one.name.toLowerCase().includes(sought.trim().toLowerCase()));
  const group = (title: string, some: Colour[]) =>
    some.length > 0 && (
      <Box role="group" aria-label={title} sx={{ mt: 1.5 }}>
        <Typography variant="caption" sx={{ color: "text.secondary" }}>
          {title}
        </Typography>
        <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", sm: "repeat(3, 1fr)" }, gap: 0.25 }}>
          {some.map((one) => (
            <ButtonBase
              key={one.key}
              onClick={() => onChoose(one.key)}
              aria-pressed={one.key === value}
              title={one.note}
              sx={{
                justifyContent: "flex-start",
                gap: 1,
                p: 0.75,
                minHeight: 44,
                borderRadius: 1,
                textAlign: "left",
                font: "inherit",
                bgcolor: one.key === value ? "action.selected" : undefined,
                "&:hover, &:focus-visible": { bgcolor: "action.hover" },
              }}
            >
              <Swatch colour={one.hex} size={30} />
              <span>{one.name}</span>
            </ButtonBase>
          ))}
        </Box>
      </Box>
    );
  return (
    <Box sx={{ p: 2, width: { xs: 320, sm: 500 }, maxWidth: "100%" }}>
      <Row wrap={false}>
        <TextField
          size="small"
          label={t("palette.findColor")}
          value={sought}
          onChange={(event) => setSought(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter" && found[0]) onChoose(found[0].key);
          }}
          autoComplete="off"
          sx={{ flex: 1 }}
        />
        {value && (
          <Button color="inherit" onClick={() => onChoose("")}>
            {none === "none chosen" ? t("palette.color") : none}
          </Button>
        )}
      </Row>
      {group(
        t("palette.yours"),
        found.filter((one) => one.own),
      )}
      {group(
        t("palette.suggestions"),
        found.filter((one) => !one.own),
      )}
      {found.length === 0 && <Typography sx={{ mt: 1.5 }}>{t("palette.colorCalledCanAdd", { sought })}</Typography>}
      <NameColour key={hex} start={{ hex, name: found.length === 0 ? sought : "" }} onChoose={onChoose} />
    </Box>
  );
}
