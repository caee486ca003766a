// Who works here. Each person has a timer of their own, and a day of 24 hours.
import Button from "@mui/material/Button";
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { api, ask } from "../../api/client";
import type { Person } from "../../api/types";
import { deviceName, useDevicePerson } from "../../kit/session/person";
import { useUndo } from "../../kit/session/undo";
import { FormDialog } from "../../kit/FormDialog";
import { Part } from "../../kit/Part";
import { useSave } from "../../kit/session/useSave";

export function People({ people }: { people: Person[] }) {
  const [editing, setEditing] = useState<Person | "new" | null>(null);
  const save = useSave();
  const { done } = useUndo();
  const [mine, setMine] = useDevicePerson();
  const person = editing === "new" ? null : editing;
  return (
    <Part title="Who works here" action={<Button onClick={() => setEditing("new")}>Add a person</Button>}>
      {people.map((one) => (
        <Box
          key={one.id}
          sx={{ display: "flex", alignItems: "center", minHeight: 44, borderBottom: 1, borderColor: "divider" }}
        >
          <Box sx={{ flex: 1 }}>{one.name}</Box>
          <Button onClick={() => setEditing(one)} aria-label={`Rename ${one.name}`}>
            Rename
          </Button>
        </Box>
      ))}
      <Box sx={{ color: "text.secondary", py: 1 }}>Each has a timer of their own.</Box>
      {people.length > 1 && (
        <TextField
          select
          label={deviceName}
          value={mine}
          onChange={(event) => setMine(Number(event.target.value))}
          helperText="what is timed and ticked here is theirs, unless said otherwise"
          sx={{ minWidth: 260, mt: 1 }}
        >
          <MenuItem value={0}>nobody in particular</MenuItem>
          {people.map((one) => (
            <MenuItem key={one.id} value={one.id}>
              {one.name}
            </MenuItem>
          ))}
        </TextField>
      )}
      {editing && (
        <FormDialog
          title={person ? `Rename ${person.name}` : "Add a person"}
          submit={person ? "Save name" : "Add person"}
          fields={[{ name: "name", label: "Name", kind: "text" }]}
          initial={{ name: person?.name ?? "" }}
          onClose={() => setEditing(null)}
          onSubmit={async (values) => {
            const body = { name: values.name ?? "" };
            if (person) {
              const path = { params: { path: { id: person.id } } };
              await save(api.PATCH("/api/people/{id}", { ...path, body }), "Name saved");
            } else {
              await ask(api.POST("/api/people", { body }));
              done(`${body.name} added`);
            }
            setEditing(null);
          }}
        />
      )}
    </Part>
  );
}
