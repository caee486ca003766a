// When each person works: a week of hours, and dates that differ. The schedule puts steps into them.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api } from "../../api/client";
import { useWeek } from "../../api/queries";
import type { Person } from "../../api/types";
import type { FieldSpec, Values } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { Part } from "../../kit/Part";
import { useSave } from "../../kit/session/useSave";

const DAYS = ["Sunday", "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday"];
const ORDER = [1, 2, 3, 4, 5, 6, 0]; // weeks begin on Monday here
type Hours = { weekday: number; from: string; to: string };

export function WorkingHours({ people }: { people: Person[] }) {
  return (
    <Part title="When you work">
      {people.map((person) => (
        <Hours key={person.id} person={person} />
      ))}
    </Part>
  );
}

function Hours({ person }: { person: Person }) {
  const week = useWeek(person.id);
  const [editing, setEditing] = useState<"week" | "day" | null>(null);
  const save = useSave();
  const path = { params: { path: { id: person.id } } };
  const rows: Hours[] = week.data?.rows ?? [];
  const said = ORDER.flatMap((day) => rows.filter((row) => row.weekday === day)).map(
    (row) => `${DAYS[row.weekday]} ${row.from} to ${row.to}`,
  );
  const fields: FieldSpec[] = ORDER.flatMap((day) => [
    { name: `from${day}`, label: `${DAYS[day]} from`, kind: "text" as const, half: true },
    { name: `to${day}`, label: "until", kind: "text" as const, half: true },
  ]);
  const initial = Object.fromEntries(
    rows.flatMap((row) => [[`from${row.weekday}`, row.from] as const, [`to${row.weekday}`, row.to] as const]),
  );
  const submit = async (values: Values) => {
    const given = ORDER.map((day) => ({
      weekday: day,
      from: values[`from${day}`] ?? "",
      to: values[`to${day}`] ?? "",
    })).filter((row) => row.from || row.to);
    await save(api.PUT("/api/people/{id}/week", { ...path, body: { rows: given } }), `Hours of ${person.name} saved`);
    setEditing(null);
  };
  const differ = async (values: Values) => {
    const day = values.day ?? "";
    await save(
      api.PUT("/api/people/{id}/day", { ...path, body: { day, from: values.from ?? "", to: values.to ?? "" } }),
      (told) => `${person.name} on ${day} saved. ${told.changes.join(" ")}`,
    );
    setEditing(null);
  };
  return (
    <Box
      sx={{
        display: "flex",
        flexWrap: "wrap",
        columnGap: 2,
        alignItems: "center",
        minHeight: 44,
        borderBottom: 1,
        borderColor: "divider",
        py: 0.5,
      }}
    >
      <Box sx={{ minWidth: 90 }}>{person.name}</Box>
      <Box sx={{ flex: "1 1 260px" }}>
        {said.join(", ") || "no hours"}
        {week.data?.assumed && (
          <Typography component="span" sx={{ color: "text.secondary" }}>
            {" (assumed from the hours a week)"}
          </Typography>
        )}
      </Box>
      <Button disabled={!week.data} onClick={() => setEditing("week")} aria-label={`Set hours of ${person.name}`}>
        Set hours
      </Button>
      <Button onClick={() => setEditing("day")} aria-label={`A day that differs: ${person.name}`}>
        A day that differs
      </Button>
      {editing === "week" && (
        <FormDialog
          title={`When ${person.name} works`}
          submit="Save hours"
          fields={fields}
          initial={initial}
          onClose={() => setEditing(null)}
          onSubmit={submit}
        />
      )}
      {editing === "day" && (
        <FormDialog
          title={`A day on which ${person.name} works otherwise`}
          submit="Save the day"
          fields={[
            { name: "day", label: "Date", kind: "date" },
            { name: "from", label: "From", kind: "text", half: true },
            { name: "to", label: "Until", kind: "text", half: true, help: "both empty: no work on that day" },
          ]}
          onClose={() => setEditing(null)}
          onSubmit={differ}
        />
      )}
    </Box>
  );
}
