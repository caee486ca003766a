// Everything that was assumed, open to change: low, likely and high of resale, hours and materials, and what else it
// costs.
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import type { Prospect, Workshop } from "../../api/types";
import type { Given } from "./given";

type Name = Exclude<keyof Given, "checks">;
type Props = {
  given: Given;
  set: (changes: Partial<Given>) => void;
  answer?: Prospect;
  workshop: Workshop;
  errors: Record<string, string>;
};

const POINTS = ["low", "likely", "high"] as const;

export function Assumptions({ given, set, answer, workshop, errors }: Props) {
  const { currency, length_unit: unit } = workshop;
  const rows = [
    { what: "resale", label: `Resale, ${currency}`, estimate: answer?.estimates.resale },
    { what: "hours", label: "Hours", estimate: answer?.estimates.hours },
    { what: "materials", label: `Materials, ${currency}`, estimate: answer?.estimates.materials },
  ] as const;
  const field = (name: Name, label: string, help = "", extra: object = {}) => (
    <TextField
      key={name}
      label={label}
      value={given[name] ?? ""}
      error={!!errors[name]}
      helperText={errors[name] ?? help}
      onChange={(event) => set({ [name]: event.target.value })}
      {...extra}
    />
  );
  const date = { type: "date", slotProps: { inputLabel: { shrink: true } } };
  return (
    <>
      <Typography variant="h3" sx={{ mb: 1 }}>
        Low, likely, high
      </Typography>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "repeat(3, 1fr)", sm: "150px repeat(3, 1fr)" },
          gap: 1.5,
          mb: 3,
          alignItems: "start",
        }}
      >
        {rows.map(({ what, label, estimate }) => (
          <Box key={what} sx={{ display: "contents" }}>
            <Box sx={{ gridColumn: { xs: "1 / -1", sm: "auto" } }}>
              {label}
              <Box sx={{ color: "text.secondary", fontSize: 14 }}>{estimate?.source ?? "not known"}</Box>
            </Box>
            {POINTS.map((point) => {
              const name = `${what}_${point}` as Name;
              return (
                <TextField
                  key={name}
                  label={point}
                  value={given[name] ?? ""}
                  placeholder={estimate?.[point]?.text ?? ""}
                  error={!!errors[name]}
                  helperText={errors[name]}
                  onChange={(event) => set({ [name]: event.target.value })}
                  slotProps={{ htmlInput: { "aria-label": `${what}, ${point}` }, inputLabel: { shrink: true } }}
                />
              );
            })}
          </Box>
        ))}
      </Box>
      <Typography variant="h3" sx={{ mb: 1 }}>
        The piece and its price
      </Typography>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr 1fr", md: "repeat(4, 1fr)" },
          gap: 2,
          mb: 3,
          alignItems: "start",
        }}
      >
        {field("name", "What is it?")}
        {field("source", "Where")}
        {field("count", "How many alike", "priced together")}
        {field("added", "Premium and tax, %", "on top of the price")}
        {field("trip", `Trip, ${currency}`, workshop.trip ? `else ${workshop.trip.text}` : "")}
        {field(
          "delivery",
          `Delivery, ${currency}`,
          workshop.delivery ? `else ${workshop.delivery.text}` : "to the buyer, if you pay it",
        )}
        {field("standing", `I would take it at, ${currency}`, "a price of your own to wait for")}
        {field("spotted_on", "Spotted on", "", date)}
        {field("width", `Width, ${unit}`)}
        {field("depth", `Depth, ${unit}`)}
        {field("height", `Height, ${unit}`)}
        {field("leg", `Legs, ${unit}`)}
      </Box>
      <Typography variant="h3" sx={{ mb: 1 }}>
        How this shop cuts its tags
      </Typography>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr 1fr", md: "repeat(4, 1fr)" },
          gap: 2,
          mb: 3,
          alignItems: "start",
        }}
      >
        <TextField
          select
          label="Cut"
          value={given.cut_basis ?? ""}
          error={!!errors.cut_basis}
          helperText={errors.cut_basis ?? "not known: read off two sightings or more"}
          onChange={(event) => set({ cut_basis: event.target.value })}
        >
          <MenuItem value="">not known</MenuItem>
          {workshop.lists.cut_bases.map((basis) => (
            <MenuItem key={basis.key} value={basis.key}>
              {basis.label}
            </MenuItem>
          ))}
        </TextField>
        {field("cut_size", given.cut_basis === "amount" ? `How much, ${currency}` : "How much, %")}
        {field("cut_every", "Every how many days")}
        {field("next_cut_on", "Next cut on", "", date)}
        {field("remind_on", "Remind me on", "else when the tag should be low enough", date)}
      </Box>
      <TextField
        label="Notes"
        multiline
        minRows={2}
        value={given.notes ?? ""}
        onChange={(event) => set({ notes: event.target.value })}
        sx={{ mb: 3 }}
      />
    </>
  );
}
