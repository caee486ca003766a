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

const KINDS = [
  { key: "load", label: "load space" },
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
      title="What pieces must pass"
      action={<Button onClick={() => setEditing("new")}>Add a load space, door or stair</Button>}
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
          <Button onClick={() => setEditing(one)} aria-label={`Correct ${one.name}`}>
            Correct
          </Button>
          <Button
            color="inherit"
            aria-label={`Remove ${one.name}`}
            onClick={() => void remove(api.DELETE("/api/openings/{id}", { params: { path: { id: one.id } } }))}
          >
            Remove
          </Button>
        </Box>
      ))}
      <Box sx={{ color: "text.secondary", py: 1 }}>
        {openings.length
          ? "A piece passes straight when two of its sides fit; a load space is tried all six ways round."
          : "Measure the car, the door and the stairs once: each piece then says whether it fits, and which way round."}
      </Box>
      {editing && (
        <FormDialog
          title={opening ? `Correct ${opening.name}` : "Add a load space, door or stair"}
          submit={opening ? "Save" : "Add it"}
          fields={[
            { name: "name", label: "Name", kind: "text" },
            { name: "kind", label: "It is a", kind: "select", options: KINDS },
            { name: "width", label: "Clear width", kind: "text", unit, half: true },
            { name: "height", label: "Clear height", kind: "text", unit, half: true, help: "headroom, for stairs" },
            { name: "long", label: "Length", kind: "text", unit, half: true, help: "of a load space only" },
          ]}
          initial={opening ? typed(opening) : { kind: "load" }}
          onClose={() => setEditing(null)}
          onSubmit={async (values) => {
            const body = { ...values, name: values.name ?? "", kind: values.kind ?? "" };
            if (opening) {
              const path = { params: { path: { id: opening.id } } };
              await save(api.PATCH("/api/openings/{id}", { ...path, body }), `${body.name} saved`);
            } else {
              await save(api.POST("/api/openings", { body }), (made) => `${made.name} added`);
            }
            setEditing(null);
          }}
        />
      )}
    </Part>
  );
}
