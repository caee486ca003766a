// Fittings of a look by kind: how many, how many of them are missing, and what becomes of them.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "../../kit/BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, ask, undoOf } from "../../api/client";
import type { Catalogue, Look } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { withChanges } from "../../kit/withChanges";
import { t } from "../../locales/planning";

type Row = { kind: string; number: string; missing: string; treatment: string };

export function FittingsDialog({
  look,
  catalogue,
  onClose,
}: {
  look: Look;
  catalogue: Catalogue;
  onClose: () => void;
}) {
  const { done } = useUndo();
  const [problem, setProblem] = useState<string | null>(null);
  const before = catalogue.fittings.map((kind): Row => {
    const said = look.fittings.find((one) => one.kind === kind.key);
    return {
      kind: kind.key,
      number: said?.number ?? "",
      missing: said?.missing ?? "",
      treatment: said?.treatment ?? "kept",
    };
  });
  const [rows, setRows] = useState(before);
  const change = (kind: string, part: Partial<Row>) =>
    setRows((all) => all.map((row) => (row.kind === kind ? { ...row, ...part } : row)));
  const send = (all: Row[]) =>
    ask(api.PUT("/api/looks/{id}/fittings", { params: { path: { id: look.id } }, body: { fittings: all } }));
  const save = async () => {
    try {
      const saved = await send(rows);
      done(withChanges(t("fittingsDialog.fittingsSaved"), saved.changes), undoOf(saved));
      onClose();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="fittings-title">
      <DialogTitle id="fittings-title">{t("fittingsDialog.fittings", { look: look.name })}</DialogTitle>
      <DialogContent>
        {problem && (
          <Alert severity="error" sx={{ mb: 2 }}>
            {problem}
          </Alert>
        )}
        <Typography sx={{ color: "text.secondary", mb: 2 }}>{t("fittingsDialog.howManyYoullNeed")}</Typography>
        {rows.map((row) => {
          const label = catalogue.fittings.find((kind) => kind.key === row.kind)?.label ?? row.kind;
          return (
            <Box
              key={row.kind}
              sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 2fr" }, gap: 1, mb: 2 }}
            >
              <TextField
                label={label}
                value={row.number}
                placeholder="none"
                onChange={(event) => change(row.kind, { number: event.target.value })}
                slotProps={{ inputLabel: { shrink: true }, htmlInput: { inputMode: "numeric" } }}
              />
              <TextField
                label={t("fittingsDialog.missing")}
                value={row.missing}
                disabled={row.number === ""}
                onChange={(event) => change(row.kind, { missing: event.target.value })}
                slotProps={{
                  inputLabel: { shrink: true },
                  htmlInput: { inputMode: "numeric", "aria-label": t("fittingsDialog.missing2", { label }) },
                }}
              />
              <TextField
                select
                label={t("fittingsDialog.material", { label })}
                value={row.treatment}
                disabled={row.number === ""}
                onChange={(event) => change(row.kind, { treatment: event.target.value })}
                sx={{ gridColumn: { xs: "1 / -1", sm: "auto" } }}
              >
                {catalogue.fitting_treatments.map((one) => (
                  <MenuItem key={one.key} value={one.key}>
                    {one.label}
                  </MenuItem>
                ))}
              </TextField>
            </Box>
          );
        })}
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose}>{t("fittingsDialog.cancel")}</Button>
        <Button variant="contained" onClick={() => void save()}>
          {t("fittingsDialog.save")}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
