// Recording a trip, or correcting it.
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import FormGroup from "@mui/material/FormGroup";
import FormLabel from "@mui/material/FormLabel";
import { useState } from "react";
import { api, ask } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import type { Trip, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import type { FieldSpec, ShareInput } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";

type Props = { trip?: Trip; workshop: Workshop; pieces?: ShareInput[]; onClose: () => void };

const shares = (trip: Trip): ShareInput[] =>
  trip.shares.map((share) => ({ piece_id: share.piece_id, weight: share.weight, name: share.name }));

export function TripDialog({ trip, workshop, pieces = [], onClose }: Props) {
  const today = useWorkshop().data?.today.iso;
  const { done } = useUndo();
  const [people, setPeople] = useState(
    trip?.people.length
      ? trip.people.map((person) => person.id)
      : workshop.people.slice(0, 1).map((person) => person.id),
  );
  if (!today) return null;
  const { currency, distance_unit: unit, mileage_rate: rate } = workshop;
  const fields: FieldSpec[] = [
    { name: "pieces", label: "What it carried", kind: "pieces", help: "Choose all that came along; they share it" },
    { name: "what", label: "What trip", kind: "text" },
    { name: "happened_on", label: "Date", kind: "date", half: true },
    {
      name: "distance",
      label: "Distance",
      kind: "text",
      unit,
      half: true,
      help: rate ? `at ${rate} a ${unit}, unless fuel is given` : "kept; no mileage rate is set",
    },
    { name: "effort", label: "Time", kind: "effort", half: true },
    {
      name: "fuel",
      label: "Fuel paid",
      kind: "text",
      unit: currency,
      half: true,
      help: rate ? "in place of mileage" : "",
    },
    { name: "hire", label: "Hire", kind: "text", unit: currency, half: true },
    { name: "tolls", label: "Tolls, parking", kind: "text", unit: currency, half: true },
    {
      name: "private_share",
      label: "Private share",
      kind: "text",
      unit: "%",
      half: true,
      help: "an errand of your own",
    },
  ];
  const who = workshop.people.length > 1 && (
    <FormGroup row>
      <FormLabel component="legend" sx={{ width: "100%" }}>
        Who drove along
      </FormLabel>
      {workshop.people.map((person) => (
        <FormControlLabel
          key={person.id}
          label={person.name}
          control={
            <Checkbox
              checked={people.includes(person.id)}
              onChange={(_, on) => setPeople(on ? [...people, person.id] : people.filter((id) => id !== person.id))}
            />
          }
        />
      ))}
    </FormGroup>
  );
  return (
    <FormDialog
      title={trip ? "Correct the trip" : "Record a trip"}
      submit={trip ? "Save trip" : "Record trip"}
      fields={fields}
      initial={trip?.fields ?? { happened_on: today }}
      initialPieces={trip ? shares(trip) : pieces}
      extra={who}
      onClose={onClose}
      onSubmit={async (values, carried) => {
        const body = { ...values, what: values.what ?? "", pieces: carried, person_ids: people };
        if (trip) {
          const path = { params: { path: { id: trip.id } } };
          const changed = await ask(api.PATCH("/api/trips/{id}", { ...path, body }));
          const before = {
            ...trip.fields,
            pieces: shares(trip).map(({ piece_id, weight }) => ({ piece_id, weight })),
            person_ids: trip.people.map((person) => person.id),
          };
          done(changed.changes.length ? changed.changes.join(" ") : `${trip.what} saved`, () =>
            ask(api.PATCH("/api/trips/{id}", { ...path, body: before })),
          );
        } else {
          const made = await ask(api.POST("/api/trips", { body }));
          done(`${made.what} recorded: ${made.cost.text} ${currency}`, () =>
            ask(api.DELETE("/api/trips/{id}", { params: { path: { id: made.id } } })),
          );
        }
        onClose();
      }}
    />
  );
}
