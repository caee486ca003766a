// The finish of the zones that are picked.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Catalogue, Look, Plan, ZonesInput } from "../../api/types";
import { ColourField } from "../../kit/colour/ColourField";
import { useUndo } from "../../kit/session/undo";
import { Part } from "../../kit/Part";
import { usePaint } from "./usePaint";

// Finishes whose number of coats one may set.
const COATED = ["paint", "oil", "clear", "tinted"];

type Props = { page: Plan; look: Look; selected: string[]; catalogue: Catalogue; onDone: () => void };

export function FinishPanel({ page, look, selected, catalogue, onDone }: Props) {
  const first = look.zones.find((row) => row.zone === selected[0]);
  const [finish, setFinish] = useState(first?.finish ?? "");
  const [colour, setColour] = useState(first?.colour ?? "");
  const [under, setUnder] = useState(first?.undercolour ?? "");
  const [product, setProduct] = useState(first?.product ?? "");
  const [wear, setWear] = useState(first?.wear ?? "");
  const [preparation, setPreparation] = useState(first?.preparation ?? "");
  const [coats, setCoats] = useState(first?.coats ?? "");
  const [way, setWay] = useState(first?.way ?? "");
  const [over, setOver] = useState<string[]>(first?.over ?? []);
  const [options, setOptions] = useState<string[]>(first?.options ?? []);
  const [told, setTold] = useState<string[]>([]);
  const { paint } = usePaint(look, page);
  const { failed } = useUndo();
  const kind = catalogue.finishes.find((one) => one.key === finish);
  const products = catalogue.products.filter((one) => one.kind === kind?.product);
  const names = page.zones.filter((zone) => selected.includes(zone.key)).map((zone) => zone.label);

  if (selected.length === 0) {
    return (
      <Box className="no-print">
        <Part title="Finish">
          <Typography sx={{ color: "text.secondary" }}>
            Pick zones on the drawing, as many as shall be alike, or a whole group. With the keyboard: arrow keys and
            Enter.
          </Typography>
        </Part>
      </Box>
    );
  }
  const save = async () => {
    const plain = ["leave", "undecided"].includes(finish);
    const body: Omit<ZonesInput, "zones"> = {
      finish,
      over: plain ? [] : over,
      colour: kind?.colour ? colour : "",
      undercolour: finish === "paint" ? under : "",
      product: products.some((one) => one.key === product) ? product : "",
      wear: plain ? "" : wear,
      preparation: plain ? "" : preparation,
      coats: COATED.includes(finish) ? coats : "",
      way: finish === "paint" ? way : "",
      options: finish === "undecided" ? options : [],
    };
    setTold(
      await paint(
        selected,
        body,
        `${names.length === 1 ? names[0] : `${names.length} zones`}: ${kind?.label.toLowerCase()}`,
      ),
    );
    onDone();
  };
  const decided = finish !== "" && finish !== "leave" && finish !== "undecided";
  return (
    <Part title={`Finish: ${names.length > 3 ? `${names.length} zones` : names.join(", ")}`}>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={finish}
        onChange={(_, value: string | null) => value && setFinish(value)}
        aria-label="Finish"
        sx={{ flexWrap: "wrap", mb: 2 }}
      >
        {catalogue.finishes
          .filter((one) => one.family !== "extra")
          .map((one) => (
            <ToggleButton key={one.key} value={one.key}>
              {one.label}
            </ToggleButton>
          ))}
      </ToggleButtonGroup>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", sm: "repeat(3, 1fr)" }, gap: 2, mb: 2 }}>
        {kind?.colour && <ColourField label="Colour" value={colour} onChange={setColour} />}
        {finish === "paint" && <ColourField label="Undercolour" value={under} onChange={setUnder} />}
        {products.length > 0 && decided && (
          <TextField
            select
            label="Product"
            value={products.some((one) => one.key === product) ? product : ""}
            onChange={(event) => {
              setProduct(event.target.value);
              const swatch = products.find((one) => one.key === event.target.value)?.swatch;
              if (swatch) setColour(swatch); // a mix brings its colour along
            }}
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          >
            <MenuItem value="">the usual one</MenuItem>
            {products.map((one) => (
              <MenuItem key={one.key} value={one.key}>
                {one.label}
                {one.own && " (yours)"}
              </MenuItem>
            ))}
          </TextField>
        )}
        {decided && (
          <TextField
            select
            label="Wear"
            value={wear}
            onChange={(event) => setWear(event.target.value)}
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          >
            <MenuItem value="">as the whole look</MenuItem>
            {catalogue.wears.map((one) => (
              <MenuItem key={one.key} value={one.key}>
                {one.label}
              </MenuItem>
            ))}
          </TextField>
        )}
      </Box>
      {decided && (
        <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", sm: "2fr 1fr 1fr" }, gap: 2, mb: 2 }}>
          <TextField
            select
            label="Preparation"
            value={preparation}
            onChange={(event) => setPreparation(event.target.value)}
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          >
            <MenuItem value="">as what was found asks</MenuItem>
            {catalogue.preparations.map((one) => (
              <MenuItem key={one.key} value={one.key}>
                {one.label}
              </MenuItem>
            ))}
          </TextField>
          {COATED.includes(finish) && (
            <TextField
              label="Coats"
              value={coats}
              onChange={(event) => setCoats(event.target.value)}
              placeholder="as proposed"
              slotProps={{ inputLabel: { shrink: true }, htmlInput: { inputMode: "numeric" } }}
            />
          )}
          {finish === "paint" && (
            <TextField
              select
              label="Applied by"
              value={way}
              onChange={(event) => setWay(event.target.value)}
              slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
            >
              <MenuItem value="">as proposed</MenuItem>
              {catalogue.ways.map((one) => (
                <MenuItem key={one.key} value={one.key}>
                  {one.label}
                </MenuItem>
              ))}
            </TextField>
          )}
        </Box>
      )}
      {decided && (
        <Picks
          label="On top of it, in this order"
          among={catalogue.finishes.filter((one) => one.over && one.key !== finish)}
          value={over}
          onChange={setOver}
        />
      )}
      {finish === "undecided" && (
        <Picks
          label="Still in question"
          among={catalogue.finishes.filter((one) => one.family !== "extra" && one.key !== "undecided")}
          value={options}
          onChange={setOptions}
        />
      )}
      <Button variant="contained" disabled={finish === ""} onClick={() => void save().catch(failed)}>
        {selected.length === 1 ? "Finish this zone so" : `Finish ${selected.length} zones so`}
      </Button>
      {told.length > 0 && (
        <Alert role="status" severity="info" variant="outlined" sx={{ mt: 2, color: "text.primary" }}>
          {told.join(" ")}
        </Alert>
      )}
    </Part>
  );
}

function Picks({
  label,
  among,
  value,
  onChange,
}: {
  label: string;
  among: { key: string; label: string }[];
  value: string[];
  onChange: (value: string[]) => void;
}) {
  const toggle = (key: string) => onChange(value.includes(key) ? value.filter((one) => one !== key) : [...value, key]);
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, alignItems: "center", mb: 2 }}
    >
      <Typography variant="caption" sx={{ mr: 1 }}>
        {label}
      </Typography>
      {among.map((one) => {
        const place = value.indexOf(one.key);
        return (
          <Button
            key={one.key}
            size="small"
            variant={place >= 0 ? "contained" : "outlined"}
            aria-pressed={place >= 0}
            onClick={() => toggle(one.key)}
          >
            {place >= 0 && `${place + 1}. `}
            {one.label}
          </Button>
        );
      })}
    </Box>
  );
}
