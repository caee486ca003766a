// What can be done on several pieces at once: made ready, listed, lowered, their work moved, sold as a set.
import Button from "@mui/material/Button";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, ask, undoOf } from "../../api/client";
import type { PieceRow, Workshop } from "../../api/types";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { useUndo } from "../../kit/session/undo";
import { Row } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/flips";

type Act = "ready" | "listed" | "price_changed" | "move" | "set";
type Props = { rows: PieceRow[]; workshop: Workshop; onClose: () => void };

const ACTS: [Act, string][] = [
  ["ready", t("severalBar.markReady")],
  ["listed", t("severalBar.markListed")],
  ["price_changed", t("severalBar.changePrices")],
  ["move", t("severalBar.moveTheirWork")],
  ["set", t("severalBar.sellSet")],
];
const named = (count: number) => t("severalBar.pieces", { count });

export function SeveralBar({ rows, workshop, onClose }: Props) {
  const [act, setAct] = useState<Act | null>(null);
  const save = useSave();
  const { done } = useUndo();
  const navigate = useNavigate();
  const prices = rows.map<FieldSpec>((row, place) => ({
    name: `rows/${place}/asking`,
    label: row.name,
    kind: "text",
    unit: workshop.symbol,
    half: true,
  }));
  const day: FieldSpec = { name: "on", label: t("severalBar.date"), kind: "date", half: true };
  const fields: Record<Act, FieldSpec[]> = {
    ready: [day],
    listed: [day, ...prices],
    price_changed: [day, ...prices],
    move: [{ name: "day", label: t("severalBar.day"), kind: "date", help: t("severalBar.movesNextStepEach") }],
    set: [{ name: "name", label: t("severalBar.nameSet"), kind: "text" }],
  };
  const submit = async (values: Values) => {
    const count = named(rows.length);
    if (act === "move") {
      const steps = rows.flatMap((row) => (row.next_step ? [{ piece_id: row.id, step: row.next_step.step }] : []));
      await save(
        api.PUT("/api/schedule/moves", { body: { steps, day: values.day ?? "" } }),
        t("severalBar.nextStepMoved", { count: named(steps.length) }),
      );
    } else if (act === "set") {
      const body = { name: values.name ?? "", piece_ids: rows.map((row) => row.id) };
      const made = await save(api.POST("/api/sets", { body }), (made) =>
        t("severalBar.setMade", { made: made.name, count }),
      );
      void navigate(`/floor/sets/${made.id}`);
    } else if (act) {
      const each = rows.map((row, place) => ({ piece_id: row.id, asking: values[`rows/${place}/asking`] ?? "" }));
      const body = { kind: act, on: values.on ?? "", rows: each };
      const made = await ask(api.POST("/api/events/several", { body }));
      const word = { ready: "ready", listed: "listed", price_changed: t("severalBar.changedNewPrice") }[act];
      done(`${count} ${word}`, undoOf(made));
    }
    setAct(null);
    onClose();
  };
  const asked = Object.fromEntries(rows.map((row, place) => [`rows/${place}/asking`, row.price?.money?.typed ?? ""]));
  return (
    <Row role="group" aria-label={t("severalBar.selectedPieces")} sx={{ bgcolor: "background.paper", p: 1, mb: 1.5 }}>
      <b>
        {rows.length === 0
          ? t("severalBar.selectPiecesBelow")
          : t("severalBar.selected", { count: named(rows.length) })}
      </b>
      {ACTS.map(([key, label]) => (
        <Button
          key={key}
          variant="outlined"
          size="small"
          disabled={rows.length < (key === "set" ? 2 : 1)}
          onClick={() => setAct(key)}
        >
          {label}
        </Button>
      ))}
      {act && (
        <FormDialog
          title={`${ACTS.find(([key]) => key === act)?.[1]}: ${named(rows.length)}`}
          submit={ACTS.find(([key]) => key === act)?.[1] ?? t("severalBar.apply")}
          fields={fields[act]}
          initial={{ on: workshop.today.iso, day: workshop.today.iso, ...asked }}
          onClose={() => setAct(null)}
          onSubmit={submit}
        />
      )}
    </Row>
  );
}
