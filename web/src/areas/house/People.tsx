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
import { t } from "../../locales/house";

export function People({ people }: { people: Person[] }) {
  const [editing, setEditing] = useState<Person | "new" | null>(null);
  const save = useSave();
  const { done } = useUndo();
  const [mine, setMine] = useDevicePerson();
  const person = editing === "new" ? null : editing;
  return (
    <Part
      title={t("people.whoWorksHere")}
      action={<Button onClick={() => setEditing("new")}>{t("people.addPerson")}</Button>}
    >
      {people.map((one) => (
        <Box
          key={one.id}
          sx={{ display: "flex", alignItems: "center", minHeight: 44, borderBottom: 1, borderColor: "divider" }}
        >
          <Box sx={{ flex: 1 }}>{one.name}</Box>
          <Button onClick={() => setEditing(one)} aria-label={t("people.rename", { name: one.name })}>
            {t("people.rename2")}
          </Button>
        </Box>
      ))}
      <Box sx={{ color: "text.secondary", py: 1 }}>{t("people.everyoneHasTheirOwn")}</Box>
      {people.length > 1 && (
        <TextField
          select
          label={deviceName}
          value={mine}
          onChange={(event) => setMine(Number(event.target.value))}
          helperText={t("people.timersTicksDeviceCount")}
          sx={{ minWidth: 260, mt: 1 }}
        >
          <MenuItem value={0}>{t("people.nobodyParticular")}</MenuItem>
          {people.map((one) => (
            <MenuItem key={one.id} value={one.id}>
              {one.name}
            </MenuItem>
          ))}
        </TextField>
      )}
      {editing && (
        <FormDialog
          title={person ? t("people.rename3", { person: person.name }) : t("people.addPerson")}
          submit={person ? t("people.saveName") : t("people.addPerson2")}
          fields={[{ name: "name", label: t("people.name"), kind: "text" }]}
          initial={{ name: person?.name ?? "" }}
          onClose={() => setEditing(null)}
          onSubmit={async (values) => {
            const body = { name: values.name ?? "" };
            if (person) {
              const path = { params: { path: { id: person.id } } };
              await save(api.PATCH("/api/people/{id}", { ...path, body }), t("people.nameSaved"));
            } else {
              await ask(api.POST("/api/people", { body }));
              done(t("people.added", { body: body.name }));
            }
            setEditing(null);
          }}
        />
      )}
    </Part>
  );
}
