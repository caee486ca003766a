// The finish of the zones that are picked. What is chosen holds at once, and says what it costs.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useRef, useState } from "react";
import type { Catalogue, Look, Plan, ZoneChoice } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Part } from "../../kit/Part";
import { COATED, FinishFields, type Finish } from "./FinishFields";
import { usePaint } from "./usePaint";
import { Row } from "../../kit/layout";
import { t } from "../../locales/planning";

type Props = {
  page: Plan;
  look: Look;
  selected: string[];
  catalogue: Catalogue;
  onTold: (lines: string[]) => void;
  onDone: () => void;
};

const of = (row?: ZoneChoice): Finish => ({
  finish: row?.finish ?? "",
  colour: row?.colour ?? "",
  undercolour: row?.undercolour ?? "",
  product: row?.product ?? "",
  wear: row?.wear ?? "",
  preparation: row?.preparation ?? "",
  coats: row?.coats ?? "",
  way: row?.way ?? "",
  over: row?.over ?? [],
  options: row?.options ?? [],
});

export function FinishPanel({ page, look, selected, catalogue, onTold, onDone }: Props) {
  const row = look.zones.find((one) => one.zone === selected[0]);
  const [set, setSet] = useState(() => of(row));
  // Another tab, or an undo, may change what is kept under it.
  const kept = JSON.stringify(row);
  const [seen, setSeen] = useState(kept);
  if (kept !== seen) {
    setSeen(kept);
    setSet(of(row));
  }
  const queue = useRef(Promise.resolve());
  const { paint } = usePaint(look);
  const { failed } = useUndo();
  const names = page.zones.filter((zone) => selected.includes(zone.key)).map((zone) => zone.label);
  if (selected.length === 0) {
    return (
      <Box className="no-print">
        <Part title={t("finishPanel.finish")}>
          <Typography sx={{ color: "text.secondary" }}>{t("finishPanel.pickZonesGetSame")}</Typography>
        </Part>
      </Box>
    );
  }
  const apply = (changes: Partial<Finish>) => {
    const wanted = { ...set, ...changes };
    setSet(wanted);
    const { finish } = wanted;
    if (finish === "") return;
    const kind = catalogue.finishes.find((one) => one.key === finish);
    const plain = ["leave", "undecided"].includes(finish);
    const fits = catalogue.products.some((one) => one.key === wanted.product && one.kind === kind?.product);
    const body = {
      finish,
      over: plain ? [] : wanted.over,
      colour: kind?.colour ? wanted.colour : "",
      undercolour: finish === "paint" ? wanted.undercolour : "",
      product: fits ? wanted.product : "",
      wear: plain ? "" : wanted.wear,
      preparation: plain ? "" : wanted.preparation,
      coats: COATED.includes(finish) ? wanted.coats : "",
      way: finish === "paint" ? wanted.way : "",
      options: finish === "undecided" ? wanted.options : [],
    };
    const said = `${names.length === 1 ? names[0] : t("finishPanel.zones", { count: names.length })}: ${kind?.label.toLowerCase()}`;
    // One after the other: what was chosen last must be written last.
    queue.current = queue.current.then(() => paint(selected, body, said).then(onTold).catch(failed));
  };
  const { finish } = set;
  const decided = finish !== "" && finish !== "leave" && finish !== "undecided";
  return (
    <Part
      title={t("finishPanel.finish2", {
        more: names.length > 3 ? t("finishPanel.zones", { count: names.length }) : names.join(", "),
      })}
      action={<Button onClick={onDone}>{t("finishPanel.done")}</Button>}
    >
      <ToggleButtonGroup
        exclusive
        size="small"
        value={finish}
        onChange={(_, value: string | null) => value && apply({ finish: value })}
        aria-label={t("finishPanel.finish")}
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
      {decided && <FinishFields set={set} catalogue={catalogue} onChange={apply} />}
      {decided && (
        <Picks
          label={t("finishPanel.thenOrder")}
          among={catalogue.finishes.filter((one) => one.over && one.key !== finish)}
          value={set.over}
          onChange={(over) => apply({ over })}
        />
      )}
      {finish === "undecided" && (
        <Picks
          label={t("finishPanel.decidedYet")}
          among={catalogue.finishes.filter((one) => one.family !== "extra" && one.key !== "undecided")}
          value={set.options}
          onChange={(options) => apply({ options })}
        />
      )}
    </Part>
  );
}

// Several of a list, in the order in which they were picked.
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
    <Row role="group" aria-label={label} gap={0.5} sx={{ mb: 2 }}>
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
    </Row>
  );
}
