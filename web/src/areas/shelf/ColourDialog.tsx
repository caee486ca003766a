// A colour named, or changed: what has it keeps it.
import InputAdornment from "@mui/material/InputAdornment";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { api, ask } from "../../api/client";
import type { Colour } from "../../api/types";
import { FormDialog } from "../../kit/FormDialog";
import { useUndo } from "../../kit/session/undo";

// colour: to be changed, or, without an id, to begin from.
type Props = { colour: Colour | null; onClose: () => void };

export function ColourDialog({ colour, onClose }: Props) {
  const [hex, setHex] = useState(colour?.hex ?? "#6d8ca1");
  const { done } = useUndo();
  const id = colour?.id ?? null;
  return (
    <FormDialog
      title={id ? `Change ${colour?.name}` : "A colour of your own"}
      submit={id ? "Save" : "Keep it"}
      fields={[
        { name: "name", label: "What you call it", kind: "text" },
        { name: "note", label: "Note", kind: "text", help: "what it is bought or mixed as" },
      ]}
      initial={{ name: colour?.name ?? "", note: colour?.note ?? "" }}
      extra={
        <TextField
          type="color"
          label="On the screen"
          value={hex}
          onChange={(event) => setHex(event.target.value)}
          helperText="near what it is: how light it is decides the number of coats"
          slotProps={{ input: { endAdornment: <InputAdornment position="end">{hex}</InputAdornment> } }}
        />
      }
      onClose={onClose}
      onSubmit={async ({ name = "", note = "" }) => {
        const body = { name, note, hex };
        if (id && colour) {
          const path = { params: { path: { id } } };
          await ask(api.PATCH("/api/colours/{id}", { ...path, body }));
          const before = { name: colour.name, note: colour.note, hex: colour.hex };
          done(`${name} saved`, () => ask(api.PATCH("/api/colours/{id}", { ...path, body: before })));
        } else {
          const made = await ask(api.POST("/api/colours", { body }));
          const kept = made.id;
          if (kept !== null)
            done(`${made.name} is one of your colours`, () =>
              ask(api.DELETE("/api/colours/{id}", { params: { path: { id: kept } } })),
            );
        }
        onClose();
      }}
    />
  );
}
