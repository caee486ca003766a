// One day of the week: its hours on a scale, hands-on work in them, waits as light bars under it, and each step in
// words. A step is dragged to another day, or sent there from its list.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { type DragEvent, useState } from "react";
import { api, ask } from "../../api/client";
import type { ScheduleDay } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { DayBar } from "./DayBar";
import { DayStep } from "./DayStep";
import type { Moved } from "../../kit/useMoveStep";

const TYPE = "application/x-kohlrabi-step";

export function DayRow({
  day,
  days,
  onMove,
}: {
  day: ScheduleDay;
  days: ScheduleDay[];
  onMove: (moved: Moved) => Promise<void>;
}) {
  const [over, setOver] = useState(false);
  const { done, failed } = useUndo();
  const iso = day.day?.iso ?? "";
  const weather = (wet: boolean) => ask(api.PUT("/api/schedule/weather", { body: { day: iso, wet } }));
  const rain = async () => {
    try {
      const told = await weather(!day.wet);
      done(`${day.wet ? "Dry after all" : "Rain"} on ${day.day?.text}. ${told.changes.join(" ")}`, () =>
        weather(day.wet),
      );
    } catch (error) {
      failed(error);
    }
  };
  const drop = (event: DragEvent) => {
    setOver(false);
    const text = event.dataTransfer.getData(TYPE);
    if (!text) return;
    event.preventDefault();
    void onMove({ ...(JSON.parse(text) as Omit<Moved, "day">), day: iso });
  };
  const drag = (event: DragEvent, moved: Omit<Moved, "day">) => event.dataTransfer.setData(TYPE, JSON.stringify(moved));
  return (
    <Box
      component="section"
      aria-label={`${day.weekday} ${day.day?.text}`}
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes(TYPE)) return;
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
      sx={{ borderTop: 2, borderColor: over ? "secondary.main" : "text.primary", pt: 1, mb: 3, breakInside: "avoid" }}
    >
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "center", minHeight: 44 }}>
        <Typography variant="h2" sx={{ minWidth: 190 }}>
          {day.weekday}{" "}
          <Box component="span" sx={{ color: "text.secondary", fontWeight: 400 }}>{`${day.day?.text}`}</Box>
        </Typography>
        <Box sx={{ flex: 1, color: "text.secondary" }}>
          {day.sessions.length
            ? day.sessions.map((one) => `${one.person} ${one.from} to ${one.to}`).join(", ")
            : "nobody works"}
          {day.wet && ", rain: nothing outdoors"}
        </Box>
        <Button
          className="no-print"
          size="small"
          onClick={() => void rain()}
          aria-label={`${day.wet ? "Dry after all" : "Rain"} on ${day.weekday}`}
        >
          {day.wet ? "Dry after all" : "Rain"}
        </Button>
      </Box>
      {(day.steps.length > 0 || day.waits.length > 0) && <DayBar day={day} />}
      <Box component="ol" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {day.steps.map((step) => (
          <DayStep key={`${step.id} ${step.from}`} step={step} days={days} today={iso} onMove={onMove} onDrag={drag} />
        ))}
      </Box>
    </Box>
  );
}
