// Trips: what they cost and took, and what each piece bears of it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Pagination from "@mui/material/Pagination";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import { useTrips, useWorkshop } from "../../api/queries";
import type { Trip } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { SCOUT_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { TripDialog } from "./TripDialog";

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
  if (!trips.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const { rows, total, per } = trips.data;
  const { currency, distance_unit: unit, mileage_rate: rate } = workshop.data;
  const button = (
    <Button variant="contained" onClick={() => setDialog("new")}>
      Record a trip
    </Button>
  );
  return (
    <>
      <PageHead
        title="Trips"
        line={
          rate
            ? `Mileage ${rate} ${currency} a ${unit}, where no fuel is given.`
            : "Fuel as paid; a mileage rate can be set in House rules."
        }
      >
        {button}
      </PageHead>
      <SubNav name="Scout" pages={SCOUT_PAGES} />
      {rows.length === 0 ? (
        <Empty title="No trip yet">
          <span>
            A drive carries one piece or several. Its cost and its minutes are shared over them, less what was private.
          </span>
          {button}
        </Empty>
      ) : (
        <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0, borderTop: 2 }}>
          {rows.map((trip) => (
            <Box
              component="li"
              key={trip.id}
              sx={{ py: 1.25, borderBottom: 1, borderColor: "divider", display: "flex", gap: 2, flexWrap: "wrap" }}
            >
              <Box sx={{ flex: "1 1 220px" }}>
                <Box sx={{ fontWeight: 600 }}>{trip.what}</Box>
                <Box sx={{ color: "text.secondary" }}>
                  {[
                    trip.on?.text,
                    trip.fields.distance && `${trip.fields.distance} ${unit}`,
                    trip.people.map((person) => person.name).join(" and "),
                    trip.fields.private_share && `${trip.fields.private_share}% private`,
                  ]
                    .filter(Boolean)
                    .join(", ")}
                </Box>
                <Box sx={{ color: "text.secondary" }}>{made(trip)}</Box>
              </Box>
              <Box sx={{ flex: "2 1 300px" }}>
                {trip.shares.map((share) => (
                  <Box key={share.piece_id} sx={{ display: "flex", gap: 1 }}>
                    <Box sx={{ flex: 1 }}>
                      <Link to={`/pieces/${share.piece_id}`} style={{ display: "inline-block", padding: "3px 0" }}>
                        {share.name}
                      </Link>
                    </Box>
                    <Box sx={{ minWidth: 70, textAlign: "right" }}>{share.amount?.text}</Box>
                    <Box sx={{ minWidth: 70, textAlign: "right" }}>{share.effort?.text ?? ""}</Box>
                  </Box>
                ))}
              </Box>
              <Box sx={{ flex: "1 0 110px", textAlign: "right" }}>
                <Box sx={{ fontWeight: 600 }}>{`${trip.cost.text} ${currency}`}</Box>
                {trip.effort?.seconds ? trip.effort.text : ""}
                <Box className="no-print">
                  <Button size="small" onClick={() => setDialog(trip)} aria-label={`Correct ${trip.what}`}>
                    Correct
                  </Button>
                  <Button
                    size="small"
                    color="inherit"
                    aria-label={`Remove ${trip.what}`}
                    onClick={() => void remove(api.DELETE("/api/trips/{id}", { params: { path: { id: trip.id } } }))}
                  >
                    Remove
                  </Button>
                </Box>
              </Box>
            </Box>
          ))}
        </Box>
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
