// What dries or sets, and when it may be touched, sanded, coated again; and the climate it dries in.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import { useState } from "react";
import { Link } from "react-router";
import { api, ask } from "../../api/client";
import type { ClimateReading, DryingClock } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { LazyForm } from "../../kit/LazyForm";
import { Part } from "../../kit/Part";
import { RowMenu } from "../../kit/RowMenu";
import { ClockFace } from "./ClockFace";
import { PlainList, Quiet } from "../../kit/layout";

const SOURCE = {
  entered: "entered",
  sensor: "from the sensor",
  simulated: "simulated gauge, nothing was measured",
} as const;

export function DryingPart({ clocks, climate }: { clocks: DryingClock[]; climate: ClimateReading | null }) {
  const [entering, setEntering] = useState(false);
  const { done, failed } = useUndo();
  const said = (reading: ClimateReading) =>
    done(`${reading.air}, ${reading.humidity}: ${reading.may ? "a coat may go on" : "no coat now"}`);
  return (
    <Part
      title="Drying"
      action={
        <RowMenu
          name="the climate"
          actions={[
            { label: "Enter the climate", run: () => setEntering(true) },
            {
              label: "Read the simulated gauge",
              run: () => void ask(api.POST("/api/climate/simulated")).then(said).catch(failed),
            },
          ]}
        />
      }
    >
      {climate ? (
        <Alert
          role="status"
          severity={climate.may ? "success" : "warning"}
          variant="outlined"
          sx={{ color: "text.primary", mb: 1 }}
        >
          {`${climate.air}, ${climate.humidity} at ${climate.taken} (${SOURCE[climate.source]}). `}
          {climate.may
            ? `A coat may go on; the dew point is ${climate.dew_point ?? "not reached"}.`
            : `No coat now: ${climate.against.join("; ")}.`}
        </Alert>
      ) : (
        <Box sx={{ color: "text.secondary", mb: 1 }}>
          No reading of temperature and humidity for twelve hours: waits are those of the label, as at 20 °C.
        </Box>
      )}
      {clocks.length === 0 && (
        <Box sx={{ py: 1 }}>Nothing dries. A clock starts when a step that needs a wait is done.</Box>
      )}
      {clocks.map((clock) => (
        <Box
          key={`${clock.piece.id} ${clock.step}`}
          sx={{
            display: "flex",
            flexWrap: "wrap",
            columnGap: 1.5,
            py: 0.75,
            minHeight: 44,
            alignItems: "center",
            borderBottom: 1,
            borderColor: "divider",
          }}
        >
          <ClockFace left={clock.left} over={clock.over} />
          <Box sx={{ flex: "1 1 170px", minWidth: 0 }}>
            <Link to={`/pieces/${clock.piece.id}/plan`}>{clock.piece.name}</Link>
            <Quiet>
              {clock.label}
              {clock.why && ` · ${clock.why}`}
            </Quiet>
          </Box>
          <PlainList
            aria-label={`Clock of ${clock.piece.name}`}
            sx={{ display: "flex", flexWrap: "wrap", columnGap: 2 }}
          >
            {clock.stages.map((stage) => (
              <Box
                component="li"
                key={stage.stage}
                sx={{ color: stage.over ? "primary.main" : "warning.main", whiteSpace: "nowrap" }}
              >
                {stage.over ? `${stage.stage} since ${stage.at}` : `${stage.stage} ${stage.at}`}
              </Box>
            ))}
          </PlainList>
        </Box>
      ))}
      {entering && (
        <LazyForm
          title="Temperature and humidity in the workshop"
          submit="Keep the reading"
          fields={[
            { name: "air", label: "Air", kind: "text", unit: "°C", half: true },
            { name: "humidity", label: "Humidity", kind: "text", unit: "%", half: true },
            { name: "surface", label: "Surface, if colder", kind: "text", unit: "°C", half: true },
          ]}
          onClose={() => setEntering(false)}
          onSubmit={async (values) => {
            const surface = values.surface ? { surface: values.surface } : {};
            said(
              await ask(
                api.POST("/api/climate", {
                  body: { air: values.air ?? "", humidity: values.humidity ?? "", ...surface },
                }),
              ),
            );
            setEntering(false);
          }}
        />
      )}
    </Part>
  );
}
