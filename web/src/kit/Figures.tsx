// Figures that unfold, below their row, to the sum each came from; an undefined one says why.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useId, useState } from "react";
import type { Figure } from "../api/types";
import { type Word, WORDS } from "./words";
import { Row } from "./layout";
import { t } from "../locales/kit";

export function unitOf(figure: Figure): string {
  return figure.unit === "hourly" ? t("figures.hour") : "";
}

function Terms({ figure }: { figure: Figure }) {
  return (
    <Box component="ul" sx={{ listStyle: "none", m: 0, pl: 2, borderLeft: 2, borderColor: "divider" }}>
      {figure.terms.map((term, place) => (
        <li key={place}>
          <Row wrap={false} align="stretch">
            <Box sx={{ width: 14, textAlign: "center" }}>{place === 0 && term.sign === "+" ? "" : term.sign}</Box>
            <Box sx={{ flex: 1 }}>{term.figure.label}</Box>
            <Box>{term.figure.text ?? t("figures.unknown")}</Box>
          </Row>
          {term.figure.terms.length > 0 && <Terms figure={term.figure} />}
        </li>
      ))}
    </Box>
  );
}

const block = { display: "block" } as const;

function Head({ figure, note }: { figure: Figure; note?: string }) {
  const loss = (figure.minor ?? 0) < 0;
  return (
    <>
      <Typography variant="overline" component="span" sx={{ ...block, color: "text.secondary" }}>
        {figure.label}
      </Typography>
      <Typography
        component="span"
        sx={{ ...block, fontSize: 20, fontWeight: 600, lineHeight: 1.3, color: loss ? "error.main" : "text.primary" }}
      >
        {figure.text}{" "}
        <Typography component="span" variant="caption" sx={{ color: "text.secondary" }}>
          {unitOf(figure)}
        </Typography>
      </Typography>
      {note && (
        <Typography component="span" variant="caption" sx={{ ...block, color: "text.secondary" }}>
          {note}
        </Typography>
      )}
    </>
  );
}

type Props = { figures: Figure[]; notes?: Record<string, string> };

// What cannot be told yet, by what it waits for.
function waiting(figures: Figure[], notes: Record<string, string>): Map<string, Figure[]> {
  const found = new Map<string, Figure[]>();
  for (const figure of figures) {
    const why = figure.why ?? notes[figure.key] ?? t("figures.unknown");
    found.set(why, [...(found.get(why) ?? []), figure]);
  }
  return found;
}

// Figures side by side, wrapping on a narrow screen; one at a time is unfolded.
export function Figures({ figures, notes = {} }: Props) {
  const [open, setOpen] = useState<string | null>(null);
  const id = useId();
  const unfolded = figures.find((figure) => figure.key === open);
  // What cannot exist yet is not shown as a figure: it says in a line what it waits for.
  const known = figures.filter((figure) => figure.text);
  const missing = figures.filter((figure) => !figure.text);
  return (
    <>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 4, rowGap: 1.5, alignItems: "flex-start" }}>
        {known.map((figure) => (
          <Box key={figure.key} sx={{ minWidth: 112 }} data-figure={figure.key}>
            {figure.terms.length > 0 ? (
              <ButtonBase
                onClick={() => setOpen(open === figure.key ? null : figure.key)}
                aria-expanded={open === figure.key}
                aria-controls={open === figure.key ? id : undefined}
                sx={{
                  display: "block",
                  textAlign: "left",
                  borderBottom: open === figure.key ? "2px solid" : "1px dashed",
                  borderColor: open === figure.key ? "primary.main" : "text.secondary",
                  pb: 0.25,
                }}
              >
                <Head figure={figure} note={notes[figure.key]} />
              </ButtonBase>
            ) : (
              <Head figure={figure} note={notes[figure.key]} />
            )}
          </Box>
        ))}
      </Box>
      {missing.length > 0 && (
        <Box sx={{ color: "text.secondary", fontSize: 14, mt: known.length ? 1 : 0 }}>
          {[...waiting(missing, notes)].map(([why, waits]) => (
            <Box key={why} data-waiting>
              {`${why.charAt(0).toUpperCase()}${why.slice(1)}: `}
              {waits.map((figure, place) => (
                <Box component="span" key={figure.key} data-figure={figure.key}>
                  {`${place > 0 ? ", " : ""}${figure.label.charAt(0).toLowerCase()}${figure.label.slice(1)}`}
                </Box>
              ))}
            </Box>
          ))}
        </Box>
      )}
      {unfolded && (
        <Box
          id={id}
          role="region"
          aria-label={t("figures.howFigureWorkedOut", { unfolded: unfolded.label.toLowerCase() })}
          data-terms={unfolded.key}
          sx={{ mt: 1.5, maxWidth: 480 }}
        >
          {unfolded.key in WORDS && <Box sx={{ mb: 0.5 }}>{WORDS[unfolded.key as Word][1]}</Box>}
          <Box sx={{ mb: 0.5 }}>{unfolded.sentence}</Box>
          <Box sx={{ fontSize: 14, color: "text.secondary" }}>
            <Terms figure={unfolded} />
          </Box>
        </Box>
      )}
    </>
  );
}
