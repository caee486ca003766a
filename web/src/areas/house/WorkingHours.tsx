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
import { t } from "../../locales/house";

const DAYS = [
  t("workingHours.sunday"),
  t("workingHours.monday"),
  t("workingHours.tuesday"),
  t("workingHours.wednesday"),
  t("workingHours.thursday"),
  t("workingHours.friday"),
  t("workingHours.saturday"),
];
const ORDER = [1, 2, 3, 4, 5, 6, 0]; // weeks begin on Monday here
type Hours = { weekday: number; from: string; to: string };

export function WorkingHours({ people }: { people: Person[] }) {
  return (
    <Part title={t("workingHours.whenWork")}>
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
  const said = ORDER.flatMap((day) => rows.filter((row) => row.weekday === day)).map((row) =>
    t("workingHours.text", { weekday: DAYS[row.weekday], from: row.from, to: row.to }),
  );
  const fields: FieldSpec[] = ORDER.flatMap((day) => [
    { name: `from${day}`, label: t("workingHours.from", { weekday: DAYS[day] }), kind: "text" as const, half: true },
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
    await save(
      api.PUT("/api/people/{id}/week", { ...path, body: { rows: given } }),
      t("workingHours.sHoursSaved", { person: person.name }),
    );
    setEditing(null);
  };
  const differ = async (values: Values) => {
    const day = values.day ?? "";
    await save(
      api.PUT("/api/people/{id}/day", { ...path, body: { day, from: values.from ?? "", to: values.to ?? "" } }),
      (told) => t("workingHours.sHoursSaved2", { person: person.name, day, changes: told.changes.join(" ") }),
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
        {said.join(", ") || t("workingHours.off")}
        {week.data?.assumed && (
          <Typography component="span" sx={{ color: "text.secondary" }}>
            {t("workingHours.assumedHoursPerWeek")}
          </Typography>
        )}
      </Box>
      <Button
        disabled={!week.data}
        onClick={() => setEditing("week")}
        aria-label={t("workingHours.setHours", { person: person.name })}
      >
        {t("workingHours.setHours2")}
      </Button>
      <Button onClick={() => setEditing("day")} aria-label={t("workingHours.oneDifferentDay", { person: person.name })}>
        {t("workingHours.oneDifferentDay2")}
      </Button>
      {editing === "week" && (
        <FormDialog
          title={t("workingHours.whenWorks", { person: person.name })}
          submit={t("workingHours.save")}
          fields={fields}
          initial={initial}
          onClose={() => setEditing(null)}
          onSubmit={submit}
        />
      )}
      {editing === "day" && (
        <FormDialog
          title={t("workingHours.dayWorksDifferentHours", { person: person.name })}
          submit={t("workingHours.save2")}
          fields={[
            { name: "day", label: t("workingHours.date"), kind: "date" },
            { name: "from", label: t("workingHours.from2"), kind: "text", half: true },
            {
              name: "to",
              label: t("workingHours.until"),
              kind: "text",
              half: true,
              help: t("workingHours.leaveBothBlankDay"),
            },
          ]}
          onClose={() => setEditing(null)}
          onSubmit={differ}
        />
      )}
    </Box>
  );
}
