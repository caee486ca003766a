// The hours of a day: a line a piece, last used first; what is left blank was not worked on.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, ProblemError, undoOf } from "../../api/client";
import type { DayOffers, FinishedSteps, Workshop } from "../../api/types";
import { DoneWith } from "../../kit/DoneWith";
import { EffortEcho } from "../../kit/EffortEcho";
import type { ShareInput } from "../../kit/fields";
import { Part } from "../../kit/Part";
import { PiecesField } from "../../kit/PiecesField";
import { BackAgain } from "../../kit/BackAgain";
import { useDraftState } from "../../kit/session/useDraft";
import { useTell } from "../../kit/session/useTell";
import { useUndo } from "../../kit/session/undo";
import { Row } from "../../kit/layout";
import { t } from "../../locales/flips";

type Line = {
  key: number;
  pieces: ShareInput[];
  name: string;
  kind: string;
  effort: string;
  people: number[];
  done?: FinishedSteps | undefined;
};
type Props = { workshop: Workshop; offers: DayOffers["rows"]; yesterday: string };

const SHOWN = 6; // lines before "more pieces"

export function DayPart({ workshop, offers, yesterday }: Props) {
  const people = workshop.people;
  const first = people[0] ? [people[0].id] : [];
  const line = (key: number, offer?: DayOffers["rows"][number]): Line => ({
    key,
    pieces: offer ? [{ piece_id: offer.piece.id, weight: "" }] : [],
    name: offer?.piece.name ?? "",
    kind: offer?.kind ?? "sanding",
    effort: "",
    people: first,
  });
  const fresh = () => offers.map((offer, place) => line(place, offer));
  const bare = () => ({ day: workshop.today.iso, lines: fresh() });
  const { value, set: change, begin, back } = useDraftState(t("dayPart.hoursDay"), bare());
  const { day, lines } = value;
  const setDay = (next: string) => change((before) => ({ ...before, day: next }));
  const setLines = (next: (all: Line[]) => Line[]) => change((before) => ({ ...before, lines: next(before.lines) }));
  const [shown, setShown] = useState(SHOWN);
  const [unit, setUnit] = useState<"h" | "min">("h");
  const [problem, setProblem] = useState<ProblemError | null>(null);
  const { done } = useUndo();
  const tell = useTell();
  const set = (key: number, changes: Partial<Line>) =>
    setLines((all) => all.map((one) => (one.key === key ? { ...one, ...changes } : one)));
  const written = lines.filter((one) => one.effort.trim() !== "");
  const errors = problem?.fields ?? {};
  const wrong = (key: number) => {
    const place = written.findIndex((one) => one.key === key);
    return Object.entries(errors).find(([field]) => field.startsWith(`rows/${place}/`))?.[1];
  };
  const save = async () => {
    setProblem(null);
    const rows = written.map(({ pieces, kind, effort, people: who, done: steps }) => ({
      pieces: pieces.map(({ piece_id, weight }) => ({ piece_id, weight })),
      kind,
      effort,
      people: who,
      ...(steps ? { done_steps: steps } : {}),
    }));
    try {
      await tell(
        {
          what: t("dayPart.hoursDay2", {
            written: written.map((one) => one.name || t("dayPart.anotherPiece")).join(", "),
          }),
          today: day === workshop.today.iso ? ["worked_on"] : [],
        },
        (how) => api.POST("/api/days", { body: { worked_on: day, unit, rows }, ...how }),
        (made) =>
          done(
            t("dayPart.hoursRecorded", {
              more: t("dayPart.entries", { count: made.ids.length }),
            }),
            undoOf(made),
          ),
      );
      begin({ ...bare(), day });
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error;
      setProblem(error);
    }
  };
  return (
    <Part title={t("dayPart.hoursDay3")}>
      {back && <BackAgain onAnew={() => begin(bare())} />}
      <Row gap={2} sx={{ mb: 2 }}>
        <TextField
          label={t("dayPart.date")}
          type="date"
          value={day}
          onChange={(event) => setDay(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          error={!!errors["rows/0/worked_on"]}
          helperText={errors["rows/0/worked_on"]}
          sx={{ width: 190 }}
        />
        <Button onClick={() => setDay(day === yesterday ? workshop.today.iso : yesterday)}>
          {day === yesterday ? t("dayPart.today") : t("dayPart.yesterday")}
        </Button>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={unit}
          onChange={(_, value: "h" | "min" | null) => value && setUnit(value)}
          aria-label={t("dayPart.plainNumber")}
        >
          <ToggleButton value="h">{t("dayPart.hours")}</ToggleButton>
          <ToggleButton value="min">{t("dayPart.minutes")}</ToggleButton>
        </ToggleButtonGroup>
        <Typography variant="caption">{t("dayPart.usedNumbersWithoutUnit")}</Typography>
      </Row>
      {lines.slice(0, shown).map((one) => (
        <Box
          key={one.key}
          role="group"
          aria-label={one.name || t("dayPart.anotherPiece2")}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr 1fr", md: "minmax(180px, 1.4fr) 190px 190px auto" },
            gap: 1.5,
            alignItems: "start",
            py: 1,
            borderBottom: 1,
            borderColor: "divider",
          }}
        >
          <Box sx={{ gridColumn: { xs: "1 / -1", md: "auto" }, alignSelf: "center", fontWeight: 600 }}>
            {one.name || (
              <PiecesField
                spec={{ name: "pieces", label: t("dayPart.pieces"), kind: "pieces" }}
                value={one.pieces}
                onChange={(pieces) => set(one.key, { pieces })}
              />
            )}
          </Box>
          <TextField
            select
            label={t("dayPart.kindWork")}
            value={one.kind}
            onChange={(event) => set(one.key, { kind: event.target.value })}
          >
            {workshop.lists.work_kinds.map((kind) => (
              <MenuItem key={kind.key} value={kind.key}>
                {kind.label}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            label={t("dayPart.howLong", { unit })}
            value={one.effort}
            onChange={(event) => set(one.key, { effort: event.target.value })}
            error={!!wrong(one.key)}
            helperText={wrong(one.key) ?? <EffortEcho text={one.effort} bare={unit === "h" ? "auto" : "min"} help="" />}
          />
          {people.length > 1 && (
            <ToggleButtonGroup
              size="small"
              value={one.people}
              onChange={(_, who: number[]) => who.length > 0 && set(one.key, { people: who })}
              aria-label={t("dayPart.who")}
            >
              {people.map((person) => (
                <ToggleButton key={person.id} value={person.id}>
                  {person.name}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          )}
          <Box sx={{ gridColumn: "1 / -1" }}>
            <DoneWith
              pieces={one.pieces.map((piece) => piece.piece_id)}
              kind={one.kind}
              effort={one.effort.trim() && unit === "min" ? t("dayPart.min", { effort: one.effort }) : one.effort}
              onChange={(steps) => set(one.key, { done: steps })}
            />
          </Box>
        </Box>
      ))}
      <Row align="stretch" sx={{ mt: 2 }}>
        <Button variant="contained" disabled={written.length === 0} onClick={() => void save()}>
          {t("dayPart.recordHours")}
        </Button>
        {lines.length > shown && (
          <Button onClick={() => setShown(lines.length)}>
            {t("dayPart.morePieces", { count: lines.length - shown })}
          </Button>
        )}
        <Button
          onClick={() => {
            setLines((all) => [...all, line(Math.max(-1, ...all.map((one) => one.key)) + 1)]);
            setShown(lines.length + 1);
          }}
        >
          {t("dayPart.anotherPiece2")}
        </Button>
      </Row>
    </Part>
  );
}
