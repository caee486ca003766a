// So much of a mix, or what a piece needs of it: the amounts of its parts, and mixing it from the shelf.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import FormControlLabel from "@mui/material/FormControlLabel";
import Switch from "@mui/material/Switch";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { api, ProblemError } from "../../api/client";
import { useMixAmounts, useWorkshop } from "../../api/queries";
import type { Mix } from "../../api/types";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import { useSettled } from "../../kit/useSettled";
import { Row } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/shelf";

export function ScalePart({ mix }: { mix: Mix }) {
  const measures = useWorkshop().data?.measures;
  const [typed, setAmount] = useState(mix.uses.find((use) => use.needed)?.needed);
  const amount = typed ?? measures?.batch ?? "";
  const [place, setPlace] = useState("");
  const [aside, setAside] = useState(false);
  const [problem, setProblem] = useState<ProblemError | null>(null);
  const amounts = useMixAmounts(mix.id, useSettled(amount, 250));
  const save = useSave();
  const refused = amounts.error instanceof ProblemError ? (amounts.error.fields.amount ?? amounts.error.message) : null;
  const make = async (more: boolean) => {
    setProblem(null);
    try {
      await save(
        api.POST("/api/mixes/{id}/batches", { params: { path: { id: mix.id } }, body: { amount, place, aside, more } }),
        t("scalePart.mixed", { amount, mix: mix.name }),
      );
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error;
      setProblem(error);
    }
  };
  return (
    <Part title={t("scalePart.amounts")}>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr 1fr", sm: "180px 240px auto" },
          gap: 2,
          alignItems: "start",
          mb: 1,
        }}
      >
        <TextField
          label={t("scalePart.amountMake")}
          value={amount}
          onChange={(event) => setAmount(event.target.value)}
          error={!!refused}
          helperText={refused ?? measures?.volume}
        />
        <TextField
          label={t("scalePart.whereYoullKeep")}
          value={place}
          onChange={(event) => setPlace(event.target.value)}
        />
        <Row align="stretch" sx={{ gridColumn: { xs: "1 / -1", sm: "auto" } }} className="no-print">
          {mix.uses
            .filter((use) => use.needed)
            .map((use) => (
              <Button key={use.piece.id} variant="outlined" onClick={() => setAmount(use.needed ?? "")}>
                {`${use.piece.name}: ${use.needed}`}
              </Button>
            ))}
          <Button variant="contained" onClick={() => void make(false)} disabled={!amounts.data}>
            {t("scalePart.mixShelf")}
          </Button>
        </Row>
      </Box>
      {problem && (
        <Alert severity="error" sx={{ mb: 1 }}>
          {problem.message}
          {problem.is("too_little_left") && (
            <Button size="small" onClick={() => void make(true)}>
              {t("scalePart.thereMoreMixAnyway")}
            </Button>
          )}
        </Alert>
      )}
      {amounts.data && (
        <SmallTable
          label={t("scalePart.amountsParts")}
          width={640}
          columns={[t("scalePart.part"), [t("scalePart.amount")], [t("scalePart.shelf")]]}
          rows={amounts.data.parts.map((part) => ({
            key: part.label,
            cells: [
              part.label,
              part.amount,
              part.there === null
                ? t("scalePart.there")
                : part.enough
                  ? part.there
                  : t("scalePart.enough", { there: part.there }),
            ],
          }))}
          foot={[t("scalePart.total"), amounts.data.whole, t("scalePart.mixedReady", { stands: amounts.data.stands })]}
        />
      )}
      <FormControlLabel
        className="no-print"
        control={<Switch checked={aside} onChange={(_, on) => setAside(on)} />}
        label={t("scalePart.partsArentShelfRecord")}
      />
    </Part>
  );
}
