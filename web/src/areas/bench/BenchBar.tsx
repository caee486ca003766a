// What a dirty thumb needs at the bench: Start or Done, Pause, Note, Photo, Next. Large, at the foot of the screen.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { lazy, Suspense, useState } from "react";
import { Link } from "react-router";
import type { Plan, Step, Timer } from "../../api/types";
import { FileButton } from "../../kit/FileButton";
import { useUpload } from "../../kit/photos/useUpload";
import { useStopTimer } from "../../kit/session/useStopTimer";
import { drying, useBlocks } from "../../kit/session/useBlocks";
import { useTick } from "../../kit/session/useTick";
import { useUndo } from "../../kit/session/undo";
import { devicePerson } from "../../kit/session/person";
import { useStartStep } from "../../kit/useStartStep";
import { unreadOf } from "./BenchStep";
import { t } from "../../locales/bench";

const NoteDialog = lazy(() => import("../../kit/NoteDialog"));

const large = { minHeight: 76, fontSize: 21 } as const;
const small = { minHeight: 60, fontSize: 18 } as const;

type Props = { page: Plan; step: Step; running: Timer | undefined; onNext: () => void };

export function BenchBar({ page, step, running, onNext }: Props) {
  const [noting, setNoting] = useState(false);
  const [start, questions] = useStartStep();
  const stop = useStopTimer();
  const tick = useTick(page.id);
  const { failed } = useUndo();
  const { send, progress, refused } = useUpload({ piece_id: page.id });
  const wanted = { piece_id: page.id, step: step.key, label: step.label, ...devicePerson() };
  const answered = step.lead || step.decide || step.try !== null;
  const unread = unreadOf(step).length > 0;
  const wet = drying(useBlocks(step, page.id));
  return (
    <Box
      sx={{
        position: "sticky",
        bottom: 0,
        bgcolor: "background.default",
        pb: "env(safe-area-inset-bottom)",
        pt: 1,
        display: "grid",
        gridTemplateColumns: "2fr 1fr",
        gap: 1,
      }}
    >
      {answered ? (
        <Button
          variant="contained"
          component={Link}
          to={`/pieces/${page.id}/plan`}
          sx={{ ...large, gridColumn: "1 / -1" }}
        >
          {t("benchBar.answerPlan")}
        </Button>
      ) : running ? (
        <>
          <Button variant="contained" sx={large} onClick={() => void stop(running, { done: true, take: true })}>
            {t("benchBar.done")}
          </Button>
          <Button variant="outlined" sx={large} onClick={() => void stop(running)}>
            {t("benchBar.pause")}
          </Button>
        </>
      ) : (
        <>
          <Button variant="contained" sx={large} disabled={unread} onClick={() => start(wanted)}>
            {t("benchBar.start")}
          </Button>
          <Button
            variant="outlined"
            sx={large}
            disabled={unread || wet.length > 0}
            onClick={() => void tick(step).catch(failed)}
          >
            {t("benchBar.done")}
          </Button>
        </>
      )}
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1 }}>
        <Button variant="outlined" sx={small} onClick={() => setNoting(true)}>
          {t("benchBar.note")}
        </Button>
        <FileButton
          variant="outlined"
          sx={small}
          disabled={progress !== null}
          accept="image/*"
          files={t("benchBar.photoBench")}
          camera
          onFiles={(files) => void send(files, "during")}
        >
          {t("benchBar.photo")}
        </FileButton>
      </Box>
      <Button variant="outlined" sx={small} onClick={onNext}>
        {t("benchBar.next")}
      </Button>
      {!running && wet.length > 0 && (
        <Box role="note" sx={{ gridColumn: "1 / -1", color: "warning.main" }}>
          {wet.map((block) => block.text).join(" ")}
        </Box>
      )}
      {running && !answered && step.materials.length > 0 && (
        <Box sx={{ gridColumn: "1 / -1", color: "text.secondary" }}>
          {t("benchBar.doneTakesShelf", {
            materials: step.materials.map((one) => `${one.text} ${one.label}`).join(", "),
          })}
        </Box>
      )}
      {refused.length > 0 && (
        <Box role="alert" sx={{ gridColumn: "1 / -1", color: "error.main" }}>
          {refused.join(" ")}
        </Box>
      )}
      {questions}
      <Suspense>{noting && <NoteDialog piece={page.id} onClose={() => setNoting(false)} />}</Suspense>
    </Box>
  );
}
