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
import { t } from "../../locales/bench";

const SOURCE = {
  entered: "entered",
  sensor: t("dryingPart.sensor"),
  simulated: t("dryingPart.simulatedGaugeMeasured"),
} as const;

export function DryingPart({ clocks, climate }: { clocks: DryingClock[]; climate: ClimateReading | null }) {
  const [entering, setEntering] = useState(false);
  const { done, failed } = useUndo();
  const said = (reading: ClimateReading) =>
    done(`${reading.air}, ${reading.humidity}: ${reading.may ? t("dryingPart.canCoat") : t("dryingPart.dontCoatYet")}`);
  return (
    <Part
      title={t("dryingPart.drying")}
      action={
        <RowMenu
          name={t("dryingPart.temperatureHumidity")}
          actions={[
            { label: t("dryingPart.enterTemperatureHumidity"), run: () => setEntering(true) },
            {
              label: t("dryingPart.readSimulatedGauge"),
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
          {t("dryingPart.at", {
            air: climate.air,
            humidity: climate.humidity,
            taken: climate.taken,
            source: SOURCE[climate.source],
          })}
          {climate.may
            ? t("dryingPart.canCoatDewPoint", { dewpoint: climate.dew_point ?? t("dryingPart.couldntRead") })
            : t("dryingPart.text", { against: climate.against.join("; ") })}
        </Alert>
      ) : (
        <Box sx={{ color: "text.secondary", mb: 1 }}>{t("dryingPart.temperatureHumidityReadingLast")}</Box>
      )}
      {clocks.length === 0 && <Box sx={{ py: 1 }}>{t("dryingPart.nothingDryingStartsClock")}</Box>}
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
            aria-label={t("dryingPart.dryingClock", { piece: clock.piece.name })}
            sx={{ display: "flex", flexWrap: "wrap", columnGap: 2 }}
          >
            {clock.stages.map((stage) => (
              <Box
                component="li"
                key={stage.stage}
                sx={{ color: stage.over ? "primary.main" : "warning.main", whiteSpace: "nowrap" }}
              >
                {stage.over
                  ? t("dryingPart.since", { stage: stage.stage, at: stage.at })
                  : `${stage.stage} ${stage.at}`}
              </Box>
            ))}
          </PlainList>
        </Box>
      ))}
      {entering && (
        <LazyForm
          title={t("dryingPart.temperatureHumidityWorkshop")}
          submit={t("dryingPart.saveReading")}
          fields={[
            { name: "air", label: t("dryingPart.airTemperature"), kind: "text", unit: t("dryingPart.c"), half: true },
            { name: "humidity", label: t("dryingPart.humidity"), kind: "text", unit: "%", half: true },
            {
              name: "surface",
              label: t("dryingPart.surfaceTemperatureIfColder"),
              kind: "text",
              unit: t("dryingPart.c"),
              half: true,
            },
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
