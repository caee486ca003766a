// What may be said of a finish besides its name: colour, product, wear, preparation, coats, and how it goes on.
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { Catalogue } from "../../api/types";
import { ColourField } from "../../kit/colour/ColourField";
import { t } from "../../locales/planning";

// Finishes whose number of coats one may set.
export const COATED = ["paint", "oil", "clear", "tinted"];

export type Finish = {
  finish: string;
  colour: string;
  undercolour: string;
  product: string;
  wear: string;
  preparation: string;
  coats: string;
  way: string;
  over: string[];
  options: string[];
};

type Props = { set: Finish; catalogue: Catalogue; onChange: (changes: Partial<Finish>) => void };

function Choice(props: {
  label: string;
  none: string;
  value: string;
  among: { key: string; label: string }[];
  onChange: (value: string) => void;
}) {
  const { label, none, value, among, onChange } = props;
  return (
    <TextField
      select
      label={label}
      value={among.some((one) => one.key === value) ? value : ""}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
    >
      <MenuItem value="">{none}</MenuItem>
      {among.map((one) => (
        <MenuItem key={one.key} value={one.key}>
          {one.label}
        </MenuItem>
      ))}
    </TextField>
  );
}

export function FinishFields({ set, catalogue, onChange }: Props) {
  const { finish, colour, undercolour, product, wear, preparation, way } = set;
  const [coats, setCoats] = useState(set.coats);
  const kind = catalogue.finishes.find((one) => one.key === finish);
  const products = catalogue.products
    .filter((one) => one.kind === kind?.product)
    .map((one) => ({ ...one, label: one.own ? t("finishFields.yours", { value: one.label }) : one.label }));
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", sm: "repeat(3, 1fr)" }, gap: 2, mb: 2 }}>
      {kind?.colour && (
        <ColourField label={t("finishFields.color")} value={colour} onChange={(key) => onChange({ colour: key })} />
      )}
      {finish === "paint" && (
        <ColourField
          label={t("finishFields.baseColor")}
          value={undercolour}
          onChange={(key) => onChange({ undercolour: key })}
        />
      )}
      {products.length > 0 && (
        <Choice
          label={t("finishFields.product")}
          none={t("finishFields.usualOne")}
          value={product}
          among={products}
          onChange={(key) => {
            const swatch = products.find((one) => one.key === key)?.swatch;
            onChange({ product: key, ...(swatch ? { colour: swatch } : {}) }); // a mix brings its colour along
          }}
        />
      )}
      <Choice
        label={t("finishFields.wear")}
        none={t("finishFields.wholeLook")}
        value={wear}
        among={catalogue.wears}
        onChange={(key) => onChange({ wear: key })}
      />
      <Choice
        label={t("finishFields.preparation")}
        none={t("finishFields.problemsRequire")}
        value={preparation}
        among={catalogue.preparations}
        onChange={(key) => onChange({ preparation: key })}
      />
      {COATED.includes(finish) && (
        <TextField
          label={t("finishFields.coats")}
          value={coats}
          onChange={(event) => setCoats(event.target.value)}
          onBlur={() => coats !== set.coats && onChange({ coats })}
          onKeyDown={(event) => event.key === "Enter" && onChange({ coats })}
          placeholder={t("finishFields.suggested")}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { inputMode: "numeric" } }}
        />
      )}
      {finish === "paint" && (
        <Choice
          label={t("finishFields.applied")}
          none={t("finishFields.suggested")}
          value={way}
          among={catalogue.ways}
          onChange={(key) => onChange({ way: key })}
        />
      )}
    </Box>
  );
}
