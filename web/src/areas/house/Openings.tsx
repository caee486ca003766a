// What pieces must pass: load spaces, doors, stairs. Each piece is tried against them.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { api } from "../../api/client";
import type { Opening } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";
import { Part } from "../../kit/Part";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/house";

const KINDS = [
  { key: "load", label: t("openings.loadSpace") },
  { key: "door", label: "door" },
  { key: "stairs", label: "stairs" },
];

export function Openings({ openings, unit }: { openings: Opening[]; unit: string }) {
  const [editing, setEditing] = useState<Opening | "new" | null>(null);
  const save = useSave();
  const { remove } = useUndo();
  const opening = editing === "new" ? null : editing;
  const typed = (one: Opening) => ({ name: one.name, kind: one.kind, ...one.fields });
  return (
    <Part
      title={t("openings.carDoorsStairs")}
      action={<Button onClick={() => setEditing("new")}>{t("openings.addCarDoorStairs")}</Button>}
    >
      {openings.map((one) => (
        <Box
          key={one.id}
          sx={{
            display: "flex",
            flexWrap: "wrap",
            columnGap: 2,
            alignItems: "center",
            minHeight: 44,
            borderBottom: 1,
            borderColor: "divider",
          }}
        >
          <Box sx={{ flex: "1 1 160px" }}>{one.name}</Box>
          <Box sx={{ color: "text.secondary", flex: "2 1 220px" }}>{`${one.label}, ${one.text}`}</Box>
          <Button onClick={() => setEditing(one)} aria-label={t("openings.edit", { name: one.name })}>
            {t("openings.edit2")}
          </Button>
          <Button
            color="inherit"
            aria-label={t("openings.remove", { name: one.name })}
            onClick={() => void remove(api.DELETE("/api/openings/{id}", { params: { path: { id: one.id } } }))}
          >
            {t("openings.remove2")}
          </Button>
        </Box>
      ))}
      <Box sx={{ color: "text.secondary", py: 1 }}>
        {openings.length ? t("openings.pieceFitsThroughStraight") : t("openings.measureCarDoorsStairs")}
      </Box>
      {editing && (
        <FormDialog
          title={opening ? t("openings.edit3", { opening: opening.name }) : t("openings.addCarDoorStairs")}
          submit={opening ? t("openings.save") : t("openings.add")}
          fields={[
            { name: "name", label: t("openings.name"), kind: "text" },
            { name: "kind", label: t("openings.type"), kind: "select", options: KINDS },
            { name: "width", label: t("openings.clearWidth"), kind: "text", unit, half: true },
            {
              name: "height",
              label: t("openings.clearHeight"),
              kind: "text",
              unit,
              half: true,
              help: t("openings.headroomStairs"),
            },
            {
              name: "long",
              label: t("openings.length"),
              kind: "text",
              unit,
              half: true,
              help: t("openings.carOnly"),
            },
          ]}
          initial={opening ? typed(opening) : { kind: "load" }}
          onClose={() => setEditing(null)}
          onSubmit={async (values) => {
            const body = { ...values, name: values.name ?? "", kind: values.kind ?? "" };
            if (opening) {
              const path = { params: { path: { id: opening.id } } };
              await save(api.PATCH("/api/openings/{id}", { ...path, body }), t("openings.saved", { body: body.name }));
            } else {
              await save(api.POST("/api/openings", { body }), (made) => t("openings.added", { made: made.name }));
            }
            setEditing(null);
          }}
        />
      )}
    </Part>
  );
}
