// Everything that was assumed, open to change: low, likely and high of resale, hours and materials, and what else it
// costs.
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import type { Prospect, Workshop } from "../../api/types";
import type { Given } from "./given";
import { t } from "../../locales/scout";

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
  const { symbol: currency, length_unit: unit } = workshop;
  const rows = [
    { what: "resale", label: t("assumptions.expectedPrice", { currency }), estimate: answer?.estimates.resale },
    { what: "hours", label: t("assumptions.hours"), estimate: answer?.estimates.hours },
    { what: "materials", label: t("assumptions.materials", { currency }), estimate: answer?.estimates.materials },
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
        {t("assumptions.lowLikelyHigh")}
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
              <Box sx={{ color: "text.secondary", fontSize: 14 }}>{estimate?.source ?? t("assumptions.unknown")}</Box>
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
        {t("assumptions.piecePrice")}
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
        {field("name", t("assumptions.what"))}
        {field("source", t("assumptions.where"))}
        {field("count", t("assumptions.howManyThese"), t("assumptions.onePriceAll"))}
        {field("added", t("assumptions.premiumTax"), t("assumptions.addedPrice"))}
        {field(
          "trip",
          t("assumptions.trip", { currency }),
          workshop.trip ? t("assumptions.otherwise", { trip: workshop.trip.text }) : "",
        )}
        {field(
          "delivery",
          t("assumptions.delivery", { currency }),
          workshop.delivery
            ? t("assumptions.otherwise2", { delivery: workshop.delivery.text })
            : t("assumptions.buyerIfPay"),
        )}
        {field("standing", t("assumptions.idBuy", { currency }), t("assumptions.ownPriceWait"))}
        {field("spotted_on", t("assumptions.spotted"), "", date)}
        {field("width", t("assumptions.width", { unit }))}
        {field("depth", t("assumptions.depth", { unit }))}
        {field("height", t("assumptions.height", { unit }))}
        {field("leg", t("assumptions.legs", { unit }))}
      </Box>
      <Typography variant="h3" sx={{ mb: 1 }}>
        {t("assumptions.howShopMarksPrices")}
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
          label={t("assumptions.markdown")}
          value={given.cut_basis ?? ""}
          error={!!errors.cut_basis}
          helperText={errors.cut_basis ?? t("assumptions.unknownWorkedOutTwo")}
          onChange={(event) => set({ cut_basis: event.target.value })}
        >
          <MenuItem value="">{t("assumptions.unknown")}</MenuItem>
          {workshop.lists.cut_bases.map((basis) => (
            <MenuItem key={basis.key} value={basis.key}>
              {basis.label}
            </MenuItem>
          ))}
        </TextField>
        {field(
          "cut_size",
          given.cut_basis === "amount" ? t("assumptions.howMuch", { currency }) : t("assumptions.howMuch2"),
        )}
        {field("cut_every", t("assumptions.everyDays"))}
        {field("next_cut_on", t("assumptions.nextMarkdown"), "", date)}
        {field("remind_on", t("assumptions.remindMe"), t("assumptions.otherwiseWhenPriceShould"), date)}
      </Box>
      <TextField
        label={t("assumptions.notes")}
        multiline
        minRows={2}
        value={given.notes ?? ""}
        onChange={(event) => set({ notes: event.target.value })}
        sx={{ mb: 3 }}
      />
    </>
  );
}
