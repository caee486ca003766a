// The head of a piece: where it stands in one line, and what is rarely done to it in a menu.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api } from "../../api/client";
import type { Piece, Workshop } from "../../api/types";
import { RowMenu } from "../../kit/RowMenu";
import { useUndo } from "../../kit/session/undo";
import { useCatalogue, usePlan, useWorkshop } from "../../api/queries";
import type { FieldSpec } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { Quiet, Row } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/flips";

// Something broke: dated, with what is expected from now on.
const PLACES = [
  { key: "way", label: t("pieceHead.way") },
  { key: "workshop", label: t("pieceHead.workshop") },
  { key: "delivery", label: t("pieceHead.delivery") },
];

function DamageDialog({ piece, workshop, onClose }: { piece: Piece; workshop: Workshop; onClose: () => void }) {
  const today = useWorkshop().data?.today.iso;
  const catalogue = useCatalogue();
  const plan = usePlan(piece.id, piece.planned);
  const save = useSave();
  if (!today) return null;
  const kinds = (catalogue.data?.walk ?? []).flatMap((stop) =>
    stop.findings.flatMap(({ kind, label }) => (kind ? [{ key: kind, label }] : [])),
  );
  const zones = (plan.data?.zones ?? []).map(({ key, label }) => ({ key, label }));
  const unit = workshop.symbol;
  const fields: FieldSpec[] = [
    { name: "what", label: t("pieceHead.whatGotDamaged"), kind: "text", help: workshop.lists.cautions.glass },
    { name: "place", label: t("pieceHead.where"), kind: "select", half: true, options: PLACES },
    { name: "on", label: t("pieceHead.date"), kind: "date", half: true },
    ...(piece.planned
      ? ([
          {
            name: "finding",
            label: t("pieceHead.addRepairPlan"),
            kind: "select",
            half: true,
            options: [{ key: "", label: "nothing" }, ...kinds],
          },
          {
            name: "zone",
            label: t("pieceHead.part"),
            kind: "select",
            half: true,
            options: [{ key: "", label: t("pieceHead.wholePiece") }, ...zones],
          },
        ] satisfies FieldSpec[])
      : []),
    { name: "expected_resale", label: t("pieceHead.expectedPriceNow"), kind: "text", unit, half: true },
    { name: "hours_to_come", label: t("pieceHead.workLeftNow"), kind: "effort", bare: "h", half: true },
    { name: "cost_to_come", label: t("pieceHead.stillSpendNow"), kind: "text", unit, half: true },
  ];
  const { expected_resale: resale = "", hours_to_come: hours = "", cost_to_come: cost = "" } = piece.fields;
  return (
    <FormDialog
      title={t("pieceHead.recordDamage")}
      submit={t("pieceHead.recordDamage2")}
      fields={fields}
      initial={{
        place: piece.planned ? "workshop" : "way",
        on: today,
        expected_resale: resale,
        hours_to_come: hours,
        cost_to_come: cost,
      }}
      onClose={onClose}
      onSubmit={async (values) => {
        const path = { params: { path: { id: piece.id } } };
        const { what = "", place = "", ...rest } = values;
        await save(
          api.POST("/api/pieces/{id}/damages", { ...path, body: { what, place, ...rest } }),
          t("pieceHead.damageRecorded"),
        );
        onClose();
      }}
    />
  );
}

type Props = { piece: Piece; workshop: Workshop; onEdit: () => void };

export function PieceHead({ piece, workshop, onEdit }: Props) {
  const { id, ticket, fields, line } = piece;
  const [broken, setBroken] = useState(false);
  const navigate = useNavigate();
  const { remove } = useUndo();
  const name = fields.name ?? "";
  useEffect(() => {
    document.title = t("pieceHead.kohlrabi", { name });
  }, [name]);
  const away = async () => {
    if (await remove(api.DELETE("/api/pieces/{id}", { params: { path: { id } } }))) void navigate("/floor");
  };
  return (
    <Row wrap={false} align="flex-start" sx={{ mb: 1.5 }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Box sx={{ color: "text.secondary", fontSize: 14 }}>
          <Link to="/floor">{t("pieceHead.floor")}</Link>
          {` › ${ticket}`}
        </Box>
        <Typography variant="h1">{name}</Typography>
        <Quiet>{[fields.kind, line].filter(Boolean).join(" · ")}</Quiet>
      </Box>
      <Button variant="outlined" onClick={onEdit} className="no-print">
        {t("pieceHead.editPiece")}
      </Button>
      <RowMenu
        name={name}
        actions={[
          { label: t("pieceHead.printLabel"), href: `/api/pieces/${id}/label` },
          { label: t("pieceHead.beforeAfterCard"), href: `/api/pieces/${id}/card` },
          { label: t("pieceHead.recordDamage"), run: () => setBroken(true) },
          { label: t("pieceHead.remove"), run: () => void away() },
        ]}
      />
      {broken && <DamageDialog piece={piece} workshop={workshop} onClose={() => setBroken(false)} />}
    </Row>
  );
}
