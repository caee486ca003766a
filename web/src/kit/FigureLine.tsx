// A figure that unfolds to the sum it came from, or says why it is undefined.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Collapse from "@mui/material/Collapse";
import Typography from "@mui/material/Typography";
import { useId, useState } from "react";
import type { Figure } from "../api/types";

export function unitOf(figure: Figure, currency: string): string {
  if (figure.unit === "money") return currency;
  return figure.unit === "hourly" ? `${currency} an hour` : "";
}

function Terms({ figure, currency }: { figure: Figure; currency: string }) {
  return (
    <Box component="ul" sx={{ listStyle: "none", m: 0, pl: 2, borderLeft: 2, borderColor: "divider" }}>
      {figure.terms.map((term, place) => (
        <li key={place}>
          <Box sx={{ display: "flex", gap: 1 }}>
            <Box sx={{ width: 14, textAlign: "center" }}>{place === 0 && term.sign === "+" ? "" : term.sign}</Box>
            <Box sx={{ flex: 1 }}>{term.figure.label}</Box>
            <Box>{term.figure.text ?? "not known"}</Box>
          </Box>
          {term.figure.terms.length > 0 && <Terms figure={term.figure} currency={currency} />}
        </li>
      ))}
    </Box>
  );
}

export function FigureLine({ figure, currency, note }: { figure: Figure; currency: string; note?: string }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  const loss = (figure.minor ?? 0) < 0;
  const foldable = figure.terms.length > 0;
  const head = (
    <>
      <Typography variant="overline" component="span" sx={{ display: "block", color: "text.secondary" }}>
        {figure.label}
      </Typography>
      <Typography
        component="span"
        sx={{
          display: "block",
          fontSize: figure.text ? 20 : 16,
          fontWeight: figure.text ? 600 : 400,
          lineHeight: figure.text ? 1.3 : 1.625,
          color: loss ? "error.main" : "text.primary",
        }}
      >
        {figure.text ?? "undefined"}{" "}
        <Typography component="span" variant="caption" sx={{ color: "text.secondary" }}>
          {figure.text ? unitOf(figure, currency) : ""}
        </Typography>
      </Typography>
      {(figure.why || note) && (
        <Typography component="span" variant="caption" sx={{ display: "block", color: "text.secondary" }}>
          {figure.why ?? note}
        </Typography>
      )}
    </>
  );
  return (
    <Box sx={{ minWidth: 112, maxWidth: 320 }} data-figure={figure.key}>
      {foldable ? (
        <ButtonBase
          onClick={() => setOpen(!open)}
          aria-expanded={open}
          aria-controls={id}
          sx={{
            display: "block",
            textAlign: "left",
            borderBottom: "1px dashed",
            borderColor: "text.secondary",
            pb: 0.25,
          }}
        >
          {head}
        </ButtonBase>
      ) : (
        <div>{head}</div>
      )}
      {foldable && (
        <Collapse in={open} id={id} unmountOnExit>
          <Box sx={{ py: 1, fontSize: 14 }}>
            <Box sx={{ mb: 0.5, color: "text.secondary" }}>{figure.sentence}</Box>
            <Terms figure={figure} currency={currency} />
          </Box>
        </Collapse>
      )}
    </Box>
  );
}

// Figures side by side, wrapping on a narrow screen.
export function Figures({ figures, currency, notes = {} }: { figures: Figure[]; currency: string; notes?: Record<string, string> }) {
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 4, rowGap: 1.5, alignItems: "flex-start" }}>
      {figures.map((figure) => (
        <FigureLine key={figure.key + figure.label} figure={figure} currency={currency} note={notes[figure.key]} />
      ))}
    </Box>
  );
}
