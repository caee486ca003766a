// Looking a piece over: a walk round it in the order a practitioner looks; a zone and a tap, and the consequence is
// said at once.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, ask, undoOf } from "../../api/client";
import type { Catalogue, Finding } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Part } from "../../kit/Part";
import { ShapeSays } from "../../kit/shape/ShapeSays";
import { ZoneMap } from "../../kit/zones/ZoneMap";
import { FindingDialog } from "./FindingDialog";
import { FindingList } from "./FindingList";
import { OwnFindingDialog } from "./OwnFindingDialog";
import { PlanFrame, type Shared } from "./PlanFrame";
import { ShapeDialog } from "./ShapeDialog";
import { ShapePart } from "./ShapePart";
import { looksOf, useZones } from "./useZones";
import { ZoneDialog } from "./ZoneDialog";
import { Row } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/planning";

export type Kind = Catalogue["walk"][number]["findings"][number];

export default function InspectionPage() {
  const [shaping, setShaping] = useState(false);
  return (
    <PlanFrame
      title={t("inspectionPage.inspect")}
      line={({ page }) =>
        t("inspectionPage.chooseZoneThenWhats", {
          ticket: page.ticket,
          more:
            page.findings.length === 0
              ? t("inspectionPage.problemsNotedYet")
              : t("inspectionPage.problemsNoted2", { count: page.findings.length }),
        })
      }
      actions={({ page, workshop }) => (
        <>
          <Button variant="outlined" onClick={() => setShaping(true)}>
            {t("inspectionPage.changeShape")}
          </Button>
          {shaping && <ShapeDialog page={page} workshop={workshop} onClose={() => setShaping(false)} />}
        </>
      )}
    >
      {(shared) => <Over {...shared} />}
    </PlanFrame>
  );
}

function Over({ page, catalogue, workshop }: Shared) {
  const { selected, pick } = useZones(page);
  const [stop, setStop] = useState(catalogue.walk[0]?.key ?? "");
  const [asked, setAsked] = useState<Kind | null>(null);
  const [said, setSaid] = useState<Kind | null>(null);
  const [changing, setChanging] = useState<Finding | null>(null);
  const [own, setOwn] = useState(false);
  const [zoning, setZoning] = useState(false);
  const { done, failed } = useUndo();
  const zone = page.zones.find((one) => selected.has(one.key));
  const counts = new Map(
    page.zones.map((one) => [one.key, page.findings.filter((finding) => finding.zone === one.key).length]),
  );
  const here = catalogue.walk.find((one) => one.key === stop);

  const note = async (kind: Kind, more: { measure?: string; note?: string; expected_on?: string } = {}) => {
    const body = {
      ...(kind.kind ? { kind: kind.kind } : { own_finding_id: kind.own_finding_id ?? 0 }),
      zone: zone?.key ?? "",
      ...more,
    };
    const made = await ask(api.POST("/api/pieces/{id}/findings", { params: { path: { id: page.id } }, body }));
    setSaid(kind);
    done(t("inspectionPage.noted", { kind: kind.label, more: zone ? `: ${zone.label}` : "" }), undoOf(made));
  };
  const tap = (kind: Kind) => (kind.measure ? setAsked(kind) : note(kind).catch(failed));

  return (
    <Box
      sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "minmax(0, 440px) 1fr" }, gap: { xs: 2, md: 4 } }}
    >
      <Box>
        <ZoneMap
          drawing={page.drawing}
          zones={page.zones}
          looks={looksOf(page)}
          counts={counts}
          selected={selected}
          onPick={(key) => pick(key, false)}
          label={t("inspectionPage.zones")}
        />
        <Typography sx={{ mt: 1 }} role="status">
          {zone
            ? `${zone.label}: ${zone.area}${zone.faces === 2 ? t("inspectionPage.sideTwoSides") : ""}, ${zone.grade}${zone.material ? `, ${zone.material}` : ""}`
            : t("inspectionPage.wholePiece")}
        </Typography>
        {zone?.advice && <Typography variant="caption">{zone.advice}</Typography>}
        {!page.sized && (
          <Typography variant="caption" component="p">
            {t("inspectionPage.areasBasedUsualSize")}
          </Typography>
        )}
        <ShapeSays id={page.id} kind={page.kind ?? ""} shape={page.shape} workshop={workshop} />
        {zone && (
          <Button size="small" onClick={() => setZoning(true)}>
            {t("inspectionPage.editZone")}
          </Button>
        )}
        <ShapePart page={page} />
      </Box>
      <Box>
        <ToggleButtonGroup
          exclusive
          value={stop}
          onChange={(_, value: string | null) => value && setStop(value)}
          aria-label={t("inspectionPage.checklist")}
          sx={{ flexWrap: "wrap", mb: 2 }}
          size="small"
        >
          {catalogue.walk.map((one) => {
            const found = page.findings.filter((finding) => finding.walk === one.key).length;
            return (
              <ToggleButton key={one.key} value={one.key}>
                {one.label}
                {found > 0 && ` (${found})`}
              </ToggleButton>
            );
          })}
        </ToggleButtonGroup>
        {said && (
          <Alert
            role="status"
            severity="info"
            variant="outlined"
            onClose={() => setSaid(null)}
            sx={{ mb: 2, color: "text.primary" }}
          >
            {`${said.label}: ${said.says}.`}
            <Typography variant="caption" component="div">
              {t("inspectionPage.text", { why: said.why })}
            </Typography>
          </Alert>
        )}
        <Row role="group" aria-label={here?.label} align="stretch" sx={{ mb: 3 }}>
          {here?.findings.map((kind) => (
            <Button
              key={kind.kind ?? `own-${kind.own_finding_id}`}
              variant="outlined"
              title={kind.says}
              onClick={() => void tap(kind)}
              sx={{ minHeight: 44 }}
            >
              {kind.label}
            </Button>
          ))}
          <Button onClick={() => setOwn(true)}>{t("inspectionPage.addOwnProblem")}</Button>
        </Row>
        <Part title={t("inspectionPage.problemsNoted")}>
          <FindingList page={page} walk={catalogue.walk} onChange={setChanging} />
        </Part>
      </Box>
      {asked && (
        <FindingDialog
          kind={asked}
          zone={zone?.label}
          onClose={() => setAsked(null)}
          onSave={(values) => note(asked, values)}
        />
      )}
      {changing && <ChangeFinding finding={changing} catalogue={catalogue} onClose={() => setChanging(null)} />}
      {own && <OwnFindingDialog workshop={workshop} catalogue={catalogue} stop={stop} onClose={() => setOwn(false)} />}
      {zoning && zone && (
        <ZoneDialog
          page={page}
          zone={zone}
          catalogue={catalogue}
          workshop={workshop}
          onClose={() => setZoning(false)}
        />
      )}
    </Box>
  );
}

// A finding's measure, note and expected day, changed.
function ChangeFinding({
  finding,
  catalogue,
  onClose,
}: {
  finding: Finding;
  catalogue: Catalogue;
  onClose: () => void;
}) {
  const save = useSave();
  const kinds = catalogue.walk.flatMap((stop) => stop.findings);
  const kind = kinds.find((one) =>
    finding.kind ? one.kind === finding.kind : one.own_finding_id === finding.own_finding_id,
  );
  const path = { params: { path: { id: finding.id } } };
  const before = {
    measure: finding.measure_typed,
    note: finding.note ?? "",
    expected_on: finding.expected_on?.iso ?? "",
  };
  if (!kind) return null;
  return (
    <FindingDialog
      kind={kind}
      zone={finding.zone_label ?? undefined}
      initial={before}
      onClose={onClose}
      onSave={async (values) => {
        await save(api.PATCH("/api/findings/{id}", { ...path, body: values }), t("inspectionPage.problemChanged"));
      }}
    />
  );
}
