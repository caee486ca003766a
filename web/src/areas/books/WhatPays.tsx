// What pays: groups of flips against the rest, hours against profit, the best and the worst with why.
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { Comparison, FlipSpread, FromHere, Workshop } from "../../api/types";
import { type Trait, useComparison, useFromHere, useSpread, useWorkshop } from "../../api/queries";
import { Part } from "../../kit/Part";
import { BooksFrame } from "./BooksFrame";
import { GroupBars } from "./GroupBars";
import { GroupsTable } from "./GroupsTable";
import { FlipsTable } from "./FlipsTable";
import { useBooksFilter } from "./useBooksFilter";
import { SpreadPart } from "./SpreadPart";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { EventDialog } from "../../kit/EventDialog";
import { PlainList, Quiet } from "../../kit/layout";
import { t } from "../../locales/books";

// What is in hand by what it pays from here on: what to finish first, what to sell as it is, what to drop.
type Row = FromHere["rows"][number];

const HEADS: Record<Row["advice"], string> = {
  list: t("whatPays.list"),
  finish: t("whatPays.finish"),
  less: t("whatPays.finishLessThanTarget"),
  as_is: t("whatPays.sell"),
  drop: t("whatPays.giveUp"),
  unknown: t("whatPays.unknown"),
};
const TONE: Record<Row["advice"], string> = {
  list: "secondary.main",
  finish: "primary.main",
  less: "warning.main",
  as_is: "warning.main",
  drop: "error.main",
  unknown: "divider",
};

function FromHerePart({ workshop }: { workshop: Workshop }) {
  const found = useFromHere();
  const [dropped, setDropped] = useState<Row | null>(null);
  if (!found.data) return null;
  const { rows } = found.data;
  return (
    <Part title={t("whatPays.whatDoEachPiece")}>
      {rows.length === 0 ? (
        <Typography sx={{ color: "text.secondary" }}>{t("whatPays.piecesHandArentSale")}</Typography>
      ) : (
        <PlainList component="ol" aria-label={t("whatPays.whatEachPieceEarns")}>
          {rows.map((row) => (
            <Box
              component="li"
              key={row.piece.id}
              data-from-here={row.piece.id}
              sx={{ borderLeft: 4, borderColor: TONE[row.advice], pl: 1.5, py: 0.75, mb: 1 }}
            >
              <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "baseline" }}>
                <Box sx={{ fontWeight: 600 }}>{HEADS[row.advice]}</Box>
                <Link to={`/pieces/${row.piece.id}${row.advice === "list" ? "/price" : ""}`}>{row.piece.name}</Link>
                {["as_is", "drop"].includes(row.advice) && (
                  <Button
                    size="small"
                    onClick={() => setDropped(row)}
                    aria-label={t("whatPays.giveUp2", { piece: row.piece.name })}
                  >
                    {t("whatPays.giveUp3")}
                  </Button>
                )}
              </Box>
              <Quiet>{row.text}</Quiet>
            </Box>
          ))}
        </PlainList>
      )}
      <Typography variant="caption" component="p" sx={{ color: "text.secondary" }}>
        {t("whatPays.moneyHoursAlreadySpent")}
      </Typography>
      {dropped && (
        <EventDialog
          pieceId={dropped.piece.id}
          kind="scrapped"
          submit={t("whatPays.recordScrapped")}
          title={t("whatPays.giveUp2", { piece: dropped.piece.name })}
          workshop={workshop}
          onClose={() => setDropped(null)}
        />
      )}
    </Part>
  );
}

export default function WhatPays() {
  const { filter, set, params } = useBooksFilter();
  const by = (params.get("by") ?? "kind") as Trait;
  const trait = params.get("trait");
  const comparison = useComparison(filter, by);
  const spread = useSpread(filter);
  const ahead = useFromHere();
  const workshop = useWorkshop();
  const [table, setTable] = useState(false);
  const shown = (found: Comparison, currency: string) => ({
    comparison: found,
    currency,
    chosen: trait,
    onChoose: (key: string) => set({ trait: key === trait ? null : key }),
  });
  const group = comparison.data?.rows.find((row) => row.key === trait);
  return (
    <BooksFrame title={t("whatPays.whatPays")} line={comparison.data?.opening ?? t("whatPays.comparesEachGroupFlips")}>
      {(currency) =>
        // All at once: what comes later would push the rest about.
        !comparison.data || !ahead.data || !(spread.data ?? spread.error) ? (
          <LinearProgress aria-label={t("whatPays.comparing")} />
        ) : (
          <>
            <Part
              title={t("whatPays.compared")}
              action={
                <>
                  <Button onClick={() => setTable(!table)}>
                    {table ? t("whatPays.comparedBars") : t("whatPays.comparedTable")}
                  </Button>
                  <TextField
                    select
                    label={t("whatPays.by")}
                    value={by}
                    onChange={(event) => set({ by: event.target.value, trait: null })}
                    sx={{ width: 190 }}
                  >
                    {comparison.data.choices.map((choice) => (
                      <MenuItem key={choice.key} value={choice.key}>
                        {choice.label}
                      </MenuItem>
                    ))}
                  </TextField>
                </>
              }
            >
              {table ? (
                <GroupsTable {...shown(comparison.data, currency)} />
              ) : (
                <GroupBars {...shown(comparison.data, currency)} />
              )}
            </Part>
            {trait !== null && (
              <FlipsTable
                key={`${by}/${trait}`}
                year={filter.year ?? ""}
                currency={currency}
                title={t("whatPays.flipsBehind", { group: group?.label ?? trait })}
                behind={{ by, trait }}
              />
            )}
            {workshop.data && <FromHerePart workshop={workshop.data} />}
            {spread.error && <Alert severity="error">{spread.error.message}</Alert>}
            {spread.data && <SpreadPart spread={spread.data} currency={currency} />}
            {spread.data && <StandoutsPart spread={spread.data} />}
          </>
        )
      }
    </BooksFrame>
  );
}

// The best and the worst flips, each with what set it apart.
type One = FlipSpread["best"][number];

function List({ title, flips }: { title: string; flips: One[] }) {
  return (
    <Box>
      <Typography variant="h3">{title}</Typography>
      <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
        {flips.map((flip) => (
          <li key={flip.id}>
            <Link to={`/pieces/${flip.id}`} style={{ fontWeight: 600 }}>
              {flip.name}
            </Link>
            {`: ${flip.profit?.text}${flip.effort ? t("whatPays.in", { effort: flip.effort.text }) : t("whatPays.hoursUnknown")}`}
            <Quiet>{flip.reasons.length ? flip.reasons.join("; ") : t("whatPays.nothingUnusualRecordsShow")}</Quiet>
          </li>
        ))}
      </Box>
    </Box>
  );
}

function StandoutsPart({ spread }: { spread: FlipSpread }) {
  if (spread.n === 0) return null;
  return (
    <Part title={t("whatPays.bestWorst")}>
      <Box sx={{ display: "grid", gridTemplateColumns: { md: "1fr 1fr" }, gap: 3 }}>
        <List title={t("whatPays.earnedMost")} flips={spread.best} />
        {spread.worst.length > 0 && <List title={t("whatPays.earnedLeast")} flips={spread.worst} />}
      </Box>
    </Part>
  );
}
