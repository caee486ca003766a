// Bringing in a spreadsheet of past flips: drop the file, see rows and problems, confirm.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { type DragEvent, useState } from "react";
import { useNavigate } from "react-router";
import { api, ask } from "../../api/client";
import { useImportProgress } from "../../api/queries";
import type { ImportCheck } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { PageHead } from "../../kit/PageHead";
import { ImportColumns } from "./ImportColumns";
import { ImportRows } from "./ImportRows";
import { FileButton } from "../../kit/FileButton";
import { Row } from "../../kit/layout";
import { t } from "../../locales/books";

// What a spreadsheet leaves open, asked in plain words.
type Answer = { decimal?: "comma"; dates?: "dmy" | "mdy" };
const DATES = { dmy: t("importFlips.dayFirst"), mdy: t("importFlips.monthFirst") };

function ImportQuestions({ check, onAnswer }: { check: ImportCheck; onAnswer: (answer: Answer) => void }) {
  return check.questions.map((question) => (
    <Alert
      key={question.key}
      severity="info"
      sx={{ mb: 1 }}
      action={
        question.key === "decimal" ? (
          <Button color="inherit" onClick={() => onAnswer({ decimal: "comma" })}>
            {t("importFlips.yesComma")}
          </Button>
        ) : (
          question.choices.map((choice) => (
            <Button key={choice} color="inherit" onClick={() => onAnswer({ dates: choice as "dmy" | "mdy" })}>
              {DATES[choice as "dmy" | "mdy"]}
            </Button>
          ))
        )
      }
    >
      {question.key === "decimal"
        ? t("importFlips.doesUseDecimalComma", { example: question.example })
        : t("importFlips.whatComesFirstDate", { example: question.example })}
    </Alert>
  ));
}

// columns: how the person matched them, by name in the file.
type Reading = {
  decimal: "point" | "comma";
  dates: "iso" | "dmy" | "mdy";
  again: boolean;
  columns: Record<string, string>;
};
const FIRST: Reading = { decimal: "point", dates: "iso", again: false, columns: {} };
const BYTES = {
  headers: { "Content-Type": "application/octet-stream" },
  bodySerializer: (body: unknown) => body as BodyInit,
};
const asked = ({ columns, ...rest }: Reading) => ({ ...rest, columns: JSON.stringify(columns) });
const flips = (count: number) => `${count} ${count === 1 ? "flip" : "flips"}`;

export default function ImportFlips() {
  const [file, setFile] = useState<File | null>(null);
  const [reading, setReading] = useState(FIRST);
  const [skip, setSkip] = useState(false);
  const [check, setCheck] = useState<ImportCheck | null>(null);
  const [error, setError] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [over, setOver] = useState(false);
  const [taking, setTaking] = useState(false);
  const progress = useImportProgress(taking);
  const { done } = useUndo();
  const navigate = useNavigate();

  const attempt = async (work: () => Promise<void>) => {
    setBusy(true);
    setError(null);
    await work().catch((problem: Error) => setError(problem.message));
    setBusy(false);
  };
  const look = (chosen: File, as: Reading) =>
    attempt(async () => {
      setFile(chosen);
      setReading(as);
      setCheck(null);
      setCheck(
        await ask(
          api.POST("/api/imports/check", { ...BYTES, params: { query: asked(as) }, body: chosen as unknown as string }),
        ),
      );
    });
  const take = () => {
    setTaking(true);
    return attempt(async () => {
      const taken = await ask(
        api.POST("/api/imports", {
          ...BYTES,
          params: { query: { ...asked(reading), skip_bad: skip } },
          body: file as unknown as string,
        }),
      );
      done(t("importFlips.imported", { taken: flips(taken.counts.taken) }));
      void navigate("/books");
    }).finally(() => setTaking(false));
  };
  const dropped = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    const [first] = event.dataTransfer.files;
    if (first) void look(first, FIRST);
  };
  const faulty = !!check && (check.counts.bad > 0 || check.problems.length > 0);

  return (
    <>
      <PageHead title={t("importFlips.importPastFlips")} line={t("importFlips.useCsvXlsxOds")} />
      <Box
        onDragOver={(event) => (event.preventDefault(), setOver(true))}
        onDragLeave={() => setOver(false)}
        onDrop={dropped}
        sx={{
          border: "2px dashed",
          borderColor: over ? "primary.main" : "text.secondary",
          p: 3,
          mb: 2,
          bgcolor: "background.paper",
          display: "grid",
          gap: 1,
          justifyItems: "start",
        }}
      >
        <Typography>{file ? file.name : t("importFlips.dropFileHereChoose")}</Typography>
        <FileButton
          variant={check ? "outlined" : "contained"}
          accept=".csv,.xlsx,.ods,text/csv"
          files={t("importFlips.spreadsheetFile")}
          onFiles={(files) => files[0] && void look(files[0], FIRST)}
        >
          {t("importFlips.chooseFile")}
        </FileButton>
        <Typography variant="caption" sx={{ color: "text.secondary" }}>
          {t("importFlips.firstRowHoldsColumn")}
        </Typography>
      </Box>
      {busy && !taking && <LinearProgress aria-label={t("importFlips.readingFile")} />}
      {taking && (
        <LinearProgress
          aria-label={
            progress
              ? t("importFlips.flipsImported", { done: progress.done, of: progress.of })
              : t("importFlips.importingFlips")
          }
          variant={progress?.of ? "determinate" : "indeterminate"}
          value={progress?.of ? (progress.done / progress.of) * 100 : 0}
        />
      )}
      {error && (
        <Alert severity="error" sx={{ mb: 2 }}>
          {error}
        </Alert>
      )}
      {check && file && (
        <>
          <ImportQuestions check={check} onAnswer={(answer) => void look(file, { ...reading, ...answer })} />
          <ImportColumns
            check={check}
            onMatch={(head, to) => void look(file, { ...reading, columns: { ...reading.columns, [head]: to } })}
          />
          {check.problems.map((problem) => (
            <Alert key={problem} severity="warning" sx={{ mb: 1 }}>
              {problem}
            </Alert>
          ))}
          <Row gap={2} sx={{ my: 2 }}>
            <Typography role="status" sx={{ flex: 1, minWidth: 220 }}>
              {t("importFlips.readyImportProblemAlready", {
                taken: check.counts.taken,
                bad: check.counts.bad,
                repeat: check.counts.repeat,
              })}
            </Typography>
            {check.counts.repeat + (reading.again ? 1 : 0) > 0 && (
              <FormControlLabel
                control={
                  <Checkbox checked={reading.again} onChange={(_, again) => void look(file, { ...reading, again })} />
                }
                label={t("importFlips.importRepeatsToo")}
              />
            )}
            {faulty && (
              <FormControlLabel
                control={<Checkbox checked={skip} onChange={(_, value) => setSkip(value)} />}
                label={t("importFlips.skipRowsProblems")}
              />
            )}
            <Button
              variant="contained"
              disabled={busy || check.counts.taken === 0 || (faulty && !skip)}
              onClick={() => void take()}
            >
              {t("importFlips.import", { taken: flips(check.counts.taken) })}
            </Button>
          </Row>
          <ImportRows check={check} />
        </>
      )}
    </>
  );
}
