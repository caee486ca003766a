// How a piece will look: zones picked on the drawing, a finish for them, two or three looks side by side, and what
// does not go together.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useState, useId } from "react";
import { api } from "../../api/client";
import { useUndo } from "../../kit/session/undo";
import { withChanges } from "../../kit/withChanges";
import { Fold } from "../../kit/Fold";
import { Part } from "../../kit/Part";
import { ZoneGroups } from "../../kit/zones/ZoneGroups";
import { ZoneMap, type ZoneLook } from "../../kit/zones/ZoneMap";
import { ConflictList } from "./ConflictList";
import { FinishPanel } from "./FinishPanel";
import { FittingsDialog } from "./FittingsDialog";
import { LookDialog } from "./LookDialog";
import { LooksTable } from "./LooksTable";
import { NewLook } from "./NewLook";
import { PlanFrame, type Shared } from "./PlanFrame";
import { StarterLooks } from "./StarterLooks";
import { WorksPart } from "./WorksPart";
import { looksOf, useZones } from "./useZones";
import Alert from "@mui/material/Alert";
import { tone } from "../../kit/zones/finishes";
import { Patterns } from "../../kit/zones/Patterns";
import { PlainList, Row } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/planning";

export default function LookPage() {
  const [adding, setAdding] = useState(false);
  return (
    <PlanFrame
      title={t("lookPage.look")}
      line={({ page }) => {
        const chosen = page.looks.find((look) => look.chosen);
        if (!chosen) return t("lookPage.lookYetStartOne", { ticket: page.ticket });
        return t("lookPage.chosen", {
          ticket: page.ticket,
          chosen: chosen.name,
          more: chosen.undecided > 0 ? t("lookPage.undecided", { undecided: chosen.undecided }) : "",
        });
      }}
      actions={({ page, catalogue }) => (
        <>
          <Button variant={page.looks.length === 0 ? "contained" : "outlined"} onClick={() => setAdding(true)}>
            {page.looks.length === 0 ? t("lookPage.startLook") : t("lookPage.addAnotherLook")}
          </Button>
          {adding && <NewLook page={page} catalogue={catalogue} onClose={() => setAdding(false)} />}
        </>
      )}
    >
      {(shared) => (shared.page.looks.length === 0 ? <Nothing {...shared} /> : <Looks {...shared} />)}
    </PlanFrame>
  );
}

const Nothing = ({ page }: Shared) => (
  <>
    <Typography sx={{ color: "text.secondary", maxWidth: "60ch", mb: 2 }}>
      {t("lookPage.lookSaysWhichZones")}
    </Typography>
    <StarterLooks page={page} />
  </>
);

function Looks({ page, catalogue, workshop }: Shared) {
  const [shown, setShown] = useState<number | null>(null);
  const { selected, pick, select } = useZones(page);
  const [setting, setSetting] = useState(false);
  const [fitting, setFitting] = useState(false);
  const [told, setTold] = useState<string[]>([]);
  const save = useSave();
  const { remove, failed } = useUndo();
  const spread = async (id: number) => {
    await save(api.POST("/api/looks/{id}/alike", { params: { path: { id } } }), (made) =>
      withChanges(t("lookPage.sameLookPiecesLike", { count: made.looks.length }), made.told),
    );
  };
  const look = page.looks.find((one) => one.id === shown) ?? page.looks.find((one) => one.chosen) ?? page.looks[0];
  if (!look) return null;
  const looks = looksOf(page, look.id);
  return (
    <>
      {page.looks.length > 1 && (
        <ToggleButtonGroup
          exclusive
          size="small"
          value={look.id}
          onChange={(_, id: number | null) => id && setShown(id)}
          aria-label={t("lookPage.lookShown")}
          sx={{ mb: 2, flexWrap: "wrap" }}
        >
          {page.looks.map((one) => (
            <ToggleButton key={one.id} value={one.id}>
              {one.name}
              {one.chosen && t("lookPage.chosen2")}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr", md: "minmax(0, 440px) 1fr" },
          gap: { xs: 2, md: 4 },
          mb: 4,
        }}
      >
        <Box>
          <ZoneMap
            drawing={page.drawing}
            zones={page.zones}
            looks={looks}
            selected={selected}
            onPick={(key) => pick(key, true)}
            label={t("lookPage.zonesLook", { look: look.name })}
          />
          <ZoneGroups zones={page.zones} selected={selected} onSelect={select} />
          <FinishKey looks={[...looks.values()]} />
        </Box>
        <Box>
          <FinishPanel
            key={`${look.id} ${[...selected].join()}`}
            page={page}
            look={look}
            selected={[...selected]}
            catalogue={catalogue}
            onTold={setTold}
            onDone={() => select([])}
          />
          <ToldChanges lines={told} onClose={() => setTold([])} />
          <ConflictList look={look} />
          <WorksPart page={page} look={look} currency={workshop.symbol} />
          <Part
            title={t("lookPage.wearHardwareInside")}
            action={
              <>
                {page.mates.length > 0 && (
                  <Button onClick={() => void spread(look.id).catch(failed)}>
                    {t("lookPage.useLookOtherLike", { count: page.mates.length })}
                  </Button>
                )}
                <Button onClick={() => setFitting(true)}>{t("lookPage.fittings")}</Button>
                <Button onClick={() => setSetting(true)}>{t("lookPage.edit")}</Button>
                {page.looks.length > 1 && !look.chosen && (
                  <Button
                    color="inherit"
                    onClick={() => void remove(api.DELETE("/api/looks/{id}", { params: { path: { id: look.id } } }))}
                  >
                    {t("lookPage.removeLook")}
                  </Button>
                )}
              </>
            }
          >
            <Typography>{settings(look.fields, catalogue)}</Typography>
            {look.fittings.length > 0 && <Typography>{fittings(look.fittings, catalogue)}</Typography>}
          </Part>
        </Box>
      </Box>
      <LooksTable page={page} workshop={workshop} />
      <Fold title={t("lookPage.otherLooksConsider")} summary={t("lookPage.plannedPieceHoursCost")}>
        <StarterLooks page={page} />
      </Fold>
      {fitting && <FittingsDialog look={look} catalogue={catalogue} onClose={() => setFitting(false)} />}
      {setting && (
        <LookDialog look={look} catalogue={catalogue} workshop={workshop} onClose={() => setSetting(false)} />
      )}
    </>
  );
}

function settings(fields: Shared["page"]["looks"][number]["fields"], catalogue: Shared["catalogue"]): string {
  const word = (list: { key: string; label: string }[], key: string) =>
    list.find((one) => one.key === key)?.label ?? key;
  const primer =
    fields.primer === "auto"
      ? t("lookPage.primerWhereNeeded")
      : fields.primer === "none"
        ? t("lookPage.primer")
        : word(catalogue.products, fields.primer);
  return t("lookPage.madeHardwareInside", {
    wears: word(catalogue.wears, fields.wear).replace(/^for /, ""),
    hardware: word(catalogue.hardware, fields.hardware),
    insides: word(catalogue.insides, fields.inside),
    primer: primer.charAt(0).toUpperCase(),
    primer2: primer.slice(1),
  });
}

// "6 hinges cleaned and sprayed, 8 shelf pins kept (2 missing)."
function fittings(rows: Shared["page"]["looks"][number]["fittings"], catalogue: Shared["catalogue"]): string {
  const said = rows.map(({ kind, number, treatment, missing }) => {
    const label = catalogue.fittings.find((one) => one.key === kind)?.label.toLowerCase() ?? kind;
    const what = catalogue.fitting_treatments.find((one) => one.key === treatment)?.label ?? "";
    return `${number} ${label} ${what}${missing && missing !== "0" ? t("lookPage.missing", { missing }) : ""}`;
  });
  return `${said.join(", ")}.`;
}

// What a change of the look costs: it stays until somebody closes it.
function ToldChanges({ lines, onClose }: { lines: string[]; onClose: () => void }) {
  if (lines.length === 0) return null;
  return (
    <Alert role="status" severity="info" variant="outlined" onClose={onClose} sx={{ mb: 2, color: "text.primary" }}>
      {lines.join(" ")}
    </Alert>
  );
}

// What colours and patterns of a drawing mean.
function FinishKey({ looks }: { looks: ZoneLook[] }) {
  const id = useId().replace(/:/g, "");
  const seen = new Map(looks.map((look) => [`${look.finish} ${look.colour} ${look.name}`, look]));
  return (
    <PlainList
      aria-label={t("lookPage.finishes")}
      sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mt: 1, fontSize: "0.88rem" }}
    >
      {[...seen.entries()].map(([key, look]) => (
        <Row component="li" key={key} wrap={false} gap={0.75}>
          <svg width={28} height={18} aria-hidden>
            <Patterns prefix={`${id}-${key.replace(/\W/g, "")}`} size={1} />
            <rect width={27} height={17} x={0.5} y={0.5} fill={tone(look.finish, look.colour)} stroke="#1e2a24" />
            {look.finish !== "paint" && (
              <rect width={28} height={18} fill={`url(#${id}-${key.replace(/\W/g, "")}-${look.finish})`} />
            )}
          </svg>
          {look.label}
          {look.name && `, ${look.name}`}
        </Row>
      ))}
    </PlainList>
  );
}
