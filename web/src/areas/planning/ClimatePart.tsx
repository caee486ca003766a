// Whether a coat may go on now, by what thermometer and hygrometer show.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import InputAdornment from "@mui/material/InputAdornment";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useClimate, useWorkshop } from "../../api/queries";
import { Part } from "../../kit/Part";
import { useSettled } from "../../kit/useSettled";
import { t } from "../../locales/planning";

const FIELDS = [
  { name: "air", label: t("climatePart.airTemperature"), unit: "degrees" },
  { name: "humidity", label: t("climatePart.humidity"), unit: "%" },
  { name: "surface", label: t("climatePart.surfaceTemperatureIfColder"), unit: "degrees" },
] as const;

export function ClimatePart() {
  const workshop = useWorkshop();
  const [typed, setTyped] = useState({ air: "", humidity: "", surface: "" });
  const { data, error } = useClimate(useSettled(typed, 300));
  const ready = typed.air !== "" && typed.humidity !== "";
  return (
    <Part title={t("climatePart.canICoatNow")}>
      <Box
        className="no-print"
        sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", sm: "repeat(3, 180px)" }, gap: 2, mb: 1.5 }}
      >
        {FIELDS.map((field) => (
          <TextField
            key={field.name}
            label={field.label}
            value={typed[field.name]}
            autoComplete="off"
            onChange={(event) => setTyped({ ...typed, [field.name]: event.target.value })}
            slotProps={{
              input: {
                endAdornment: (
                  <InputAdornment position="end">
                    {field.unit === "degrees" ? workshop.data?.measures.temperature : field.unit}
                  </InputAdornment>
                ),
              },
            }}
          />
        ))}
      </Box>
      {ready && error && <Alert severity="error">{error.message}</Alert>}
      {ready && data && (
        <Alert
          role="status"
          severity={data.may ? "success" : "warning"}
          variant="outlined"
          sx={{ color: "text.primary" }}
        >
          {data.may
            ? t("climatePart.yesDewPoint", { dewpoint: data.dew_point ?? t("climatePart.noneAirDry") })
            : t("climatePart.text", { against: data.against.join("; ") })}
        </Alert>
      )}
    </Part>
  );
}
