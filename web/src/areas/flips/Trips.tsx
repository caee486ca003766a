// Trips: what they cost and took, and what each piece bears of it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Pagination from "@mui/material/Pagination";
import { useState } from "react";
import { Link } from "react-router";
import { api, ask, undoOf } from "../../api/client";
import { useTrips, useWorkshop } from "../../api/queries";
import type { Trip, Workshop } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { SCOUT_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import FormGroup from "@mui/material/FormGroup";
import FormLabel from "@mui/material/FormLabel";
import type { FieldSpec, ShareInput } from "../../kit/fields";
import { FormDialog } from "../../kit/FormDialog";
import { PlainList, Quiet, Row } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/flips";

// Recording a trip, or correcting it.
type Props = { trip?: Trip; workshop: Workshop; pieces?: ShareInput[]; onClose: () => void };

const shares = (trip: Trip): ShareInput[] =>
  trip.shares.map((share) => ({ piece_id: share.piece_id, weight: share.weight, name: share.name }));

function TripDialog({ trip, workshop, pieces = [], onClose }: Props) {
  const today = useWorkshop().data?.today.iso;
  const save = useSave();
  const { done } = useUndo();
  const [people, setPeople] = useState(
    trip?.people.length
      ? trip.people.map((person) => person.id)
      : workshop.people.slice(0, 1).map((person) => person.id),
  );
  if (!today) return null;
  const { symbol: currency, distance_unit: unit, mileage_rate: rate } = workshop;
  const fields: FieldSpec[] = [
    { name: "pieces", label: t("trips.pieces"), kind: "pieces", help: t("trips.pickAllThemThey") },
    { name: "what", label: t("trips.nameTrip"), kind: "text" },
    { name: "happened_on", label: t("trips.date"), kind: "date", half: true },
    {
      name: "distance",
      label: t("trips.distance"),
      kind: "text",
      unit,
      half: true,
      help: rate ? t("trips.unlessEnterFuel", { rate, unit }) : t("trips.costYetMileageRate"),
    },
    { name: "effort", label: t("trips.time"), kind: "effort", half: true },
    {
      name: "fuel",
      label: t("trips.fuelPaid"),
      kind: "text",
      unit: currency,
      half: true,
      help: rate ? t("trips.insteadMileage") : "",
    },
    { name: "hire", label: t("trips.rental"), kind: "text", unit: currency, half: true },
    { name: "tolls", label: t("trips.tollsParking"), kind: "text", unit: currency, half: true },
    {
      name: "private_share",
      label: t("trips.personalShare"),
      kind: "text",
      unit: "%",
      half: true,
      help: t("trips.errandsOwn"),
    },
  ];
  const who = workshop.people.length > 1 && (
    <FormGroup row>
      <FormLabel component="legend" sx={{ width: "100%" }}>
        {t("trips.whoWentAlong")}
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
      title={trip ? t("trips.editTrip") : t("trips.recordTrip")}
      submit={trip ? t("trips.save") : t("trips.recordTrip2")}
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
          done(
            changed.changes.length ? changed.changes.join(" ") : t("trips.saved", { what: trip.what }),
            undoOf(changed),
          );
        } else {
          await save(api.POST("/api/trips", { body }), (made) =>
            t("trips.recorded", { what: made.what, cost: made.cost.text, currency }),
          );
        }
        onClose();
      }}
    />
  );
}

// What the cost was made of: "mileage 15.08 − private share 5.28".
function made(trip: Trip): string {
  const terms = trip.cost.terms.filter((term) => term.figure.minor);
  return terms
    .map((term, place) => `${place === 0 ? "" : `${term.sign} `}${term.figure.label.toLowerCase()} ${term.figure.text}`)
    .join(" ");
}

export default function Trips() {
  const [page, setPage] = useState(1);
  const [dialog, setDialog] = useState<Trip | "new" | null>(null);
  const trips = useTrips(page);
  const workshop = useWorkshop();
  const { remove } = useUndo();
  if (trips.error && !isKept(trips)) return <Failure error={trips.error} again={() => void trips.refetch()} />;
  if (!trips.data || !workshop.data) return <LinearProgress aria-label={t("trips.loading")} />;
  const { rows, total, per } = trips.data;
  const { symbol: currency, distance_unit: unit, mileage_rate: rate } = workshop.data;
  const button = (
    <Button variant="contained" onClick={() => setDialog("new")}>
      {t("trips.recordTrip")}
    </Button>
  );
  return (
    <>
      <PageHead
        title={t("trips.trips")}
        line={rate ? t("trips.mileageIfDontEnter", { rate, currency, unit }) : t("trips.onlyFuelCountsCan")}
      >
        {button}
      </PageHead>
      <SubNav name={t("trips.scout")} pages={SCOUT_PAGES} />
      {rows.length === 0 ? (
        <Empty title={t("trips.tripsYet")}>
          <span>{t("trips.oneTripCanSeveral")}</span>
          {button}
        </Empty>
      ) : (
        <PlainList sx={{ borderTop: 2 }}>
          {rows.map((trip) => (
            <Row
              component="li"
              key={trip.id}
              gap={2}
              align="stretch"
              sx={{ py: 1.25, borderBottom: 1, borderColor: "divider" }}
            >
              <Box sx={{ flex: "1 1 220px" }}>
                <Box sx={{ fontWeight: 600 }}>{trip.what}</Box>
                <Quiet>
                  {[
                    trip.on?.text,
                    trip.fields.distance && `${trip.fields.distance} ${unit}`,
                    trip.people.map((person) => person.name).join(t("trips.and")),
                    trip.fields.private_share && t("trips.personal", { privateshare: trip.fields.private_share }),
                  ]
                    .filter(Boolean)
                    .join(", ")}
                </Quiet>
                <Quiet>{made(trip)}</Quiet>
              </Box>
              <Box sx={{ flex: "2 1 300px" }}>
                {trip.shares.map((share) => (
                  <Row key={share.piece_id} wrap={false} align="stretch">
                    <Box sx={{ flex: 1 }}>
                      <Link to={`/pieces/${share.piece_id}`} style={{ display: "inline-block", padding: "3px 0" }}>
                        {share.name}
                      </Link>
                    </Box>
                    <Box sx={{ minWidth: 70, textAlign: "right" }}>{share.amount?.text}</Box>
                    <Box sx={{ minWidth: 70, textAlign: "right" }}>{share.effort?.text ?? ""}</Box>
                  </Row>
                ))}
              </Box>
              <Box sx={{ flex: "1 0 110px", textAlign: "right" }}>
                <Box sx={{ fontWeight: 600 }}>{`${trip.cost.text}`}</Box>
                {trip.effort?.seconds ? trip.effort.text : ""}
                <Box className="no-print">
                  <Button
                    size="small"
                    onClick={() => setDialog(trip)}
                    aria-label={t("trips.edit", { what: trip.what })}
                  >
                    {t("trips.edit2")}
                  </Button>
                  <Button
                    size="small"
                    color="inherit"
                    aria-label={t("trips.remove", { what: trip.what })}
                    onClick={() => void remove(api.DELETE("/api/trips/{id}", { params: { path: { id: trip.id } } }))}
                  >
                    {t("trips.remove2")}
                  </Button>
                </Box>
              </Box>
            </Row>
          ))}
        </PlainList>
      )}
      {total > per && (
        <Pagination sx={{ mt: 2 }} count={Math.ceil(total / per)} page={page} onChange={(_, next) => setPage(next)} />
      )}
      {dialog && (
        <TripDialog
          trip={dialog === "new" ? undefined : dialog}
          workshop={workshop.data}
          onClose={() => setDialog(null)}
        />
      )}
    </>
  );
}
