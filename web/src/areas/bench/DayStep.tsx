// One step in its session: when, what, on which piece; why there; and to which other day it goes.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { type DragEvent, useState } from "react";
import { Link } from "react-router";
import type { ScheduleDay, ScheduledStep } from "../../api/types";
import type { Moved } from "../../kit/useMoveStep";
import { Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/bench";

type Props = {
  step: ScheduledStep;
  days: ScheduleDay[];
  today: string;
  onMove: (moved: Moved) => Promise<void>;
  onDrag: (event: DragEvent, moved: Omit<Moved, "day">) => void;
};

export function DayStep({ step, days, today, onMove, onDrag }: Props) {
  const [open, setOpen] = useState(false);
  const moved = { piece_id: step.piece.id, step: step.step, label: step.label };
  return (
    <Box
      component="li"
      draggable={!step.running}
      onDragStart={(event) => onDrag(event, moved)}
      sx={{ borderBottom: 1, borderColor: "divider", py: 0.5, cursor: step.running ? undefined : "grab" }}
    >
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "center", minHeight: 40 }}>
        <Box sx={{ minWidth: 100, whiteSpace: "nowrap" }}>{t("dayStep.text", { from: step.from, to: step.to })}</Box>
        <Box sx={{ flex: "2 1 250px", minWidth: 0 }}>
          {step.label}
          {step.moved && (
            <Box component="span" sx={{ color: "secondary.main" }}>
              {t("dayStep.moved")}
            </Box>
          )}
          {step.running && (
            <Box component="span" sx={{ color: "primary.main" }}>
              {t("dayStep.running")}
            </Box>
          )}
          {step.in_parts && <Quiet component="span">{t("dayStep.part", { whole: step.whole?.text })}</Quiet>}
        </Box>
        <Box sx={{ flex: "1 1 170px" }}>
          <Link to={`/pieces/${step.piece.id}/plan`}>{step.piece.name}</Link>
        </Box>
        <Box sx={{ minWidth: 60, color: "text.secondary" }}>{step.person}</Box>
        <Box sx={{ minWidth: 130, color: "warning.main" }}>
          {step.wait ? t("dayStep.thenWait", { wait: step.wait }) : ""}
        </Box>
        <Button
          className="no-print"
          size="small"
          onClick={() => setOpen(!open)}
          aria-expanded={open}
          aria-label={t("dayStep.whyNowMove", { step: step.label })}
        >
          {t("dayStep.whyNowMove2")}
        </Button>
      </Box>
      {open && (
        <Box sx={{ pl: { xs: 1, sm: 14 }, pb: 1 }}>
          <Box component="ul" sx={{ m: 0, mb: 1, pl: 2, color: "text.secondary" }}>
            {[...step.why, step.place !== "at the bench" && t("dayStep.done", { place: step.place })]
              .filter(Boolean)
              .map((line) => (
                <li key={String(line)}>{line}</li>
              ))}
          </Box>
          {!step.running && (
            <Row className="no-print" align="stretch">
              <TextField
                select
                label={t("dayStep.move")}
                value={today}
                onChange={(event) => void onMove({ ...moved, day: event.target.value })}
                sx={{ width: 220 }}
              >
                {days.map((day) => (
                  <MenuItem key={day.day?.iso} value={day.day?.iso ?? ""}>
                    {day.day?.text}
                  </MenuItem>
                ))}
              </TextField>
              {step.moved && (
                <Button onClick={() => void onMove({ ...moved, day: "" })}>{t("dayStep.letChoose")}</Button>
              )}
            </Row>
          )}
        </Box>
      )}
    </Box>
  );
}
