// What pays: groups of flips against the rest, hours against profit, the best and the worst with why.
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { Comparison } from "../../api/types";
import { type Trait, useComparison, useFromHere, useSpread, useWorkshop } from "../../api/queries";
import { Part } from "../../kit/Part";
import { BooksFrame } from "./BooksFrame";
import { GroupBars } from "./GroupBars";
import { GroupsTable } from "./GroupsTable";
import { FlipsTable } from "./FlipsTable";
import { FromHerePart } from "./FromHerePart";
import { useBooksFilter } from "./useBooksFilter";
import { SpreadPart } from "./SpreadPart";
import { StandoutsPart } from "./StandoutsPart";

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
    <BooksFrame
      title="What pays"
      line={
        comparison.data?.opening ??
        "Each group of flips against all the rest, with its doubt. Two flips on either side are needed."
      }
    >
      {(currency) =>
        // All at once: what comes later would push the rest about.
        !comparison.data || !ahead.data || !(spread.data ?? spread.error) ? (
          <LinearProgress aria-label="Comparing" />
        ) : (
          <>
            <Part
              title="Compared"
              action={
                <>
                  <Button onClick={() => setTable(!table)}>{table ? "Compared as bars" : "Compared as a table"}</Button>
                  <TextField
                    select
                    label="By"
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
                title={`Flips behind “${group?.label ?? trait}”`}
                behind={{ by, trait }}
              />
            )}
            {workshop.data && <FromHerePart workshop={workshop.data} />}
            {spread.error && <Alert severity="error">{spread.error.message}</Alert>}
            {spread.data && <SpreadPart spread={spread.data} currency={currency} />}
            {spread.data && <StandoutsPart spread={spread.data} currency={currency} />}
          </>
        )
      }
    </BooksFrame>
  );
}
