// Recording a lot, or correcting it: the whole, how it is shared, and what was in it.
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
import useMediaQuery from "@mui/material/useMediaQuery";
import { type FormEvent, useState } from "react";
import { api, ask, ProblemError } from "../../api/client";
import { useWorkshop } from "../../api/queries";
import type { Lot, Workshop } from "../../api/types";
import { MemberRows } from "./MemberRows";
import { emptyRow, type Row, rowsOf, sent } from "./members";
import { type Found, StashRows } from "./StashRows";
import { useUndo } from "../../kit/session/undo";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/flips";

const RULES = [
  { key: "equal", label: "equally" },
  { key: "resale", label: t("lotDialog.expectedPrice") },
  { key: "hand", label: t("lotDialog.sharesEnter") },
];

type Fields = Lot["fields"];
type Props = { lot?: Lot; workshop: Workshop; start?: Row[]; onClose: () => void; onMade?: (lot: Lot) => void };

export function LotDialog({ lot, workshop, start, onClose, onMade }: Props) {
  const today = useWorkshop().data?.today.iso;
  const phone = useMediaQuery("(max-width:599px)");
  const save = useSave();
  const { done } = useUndo();
  const [fields, setFields] = useState<Partial<Fields>>(lot?.fields ?? { share_rule: "equal", bought_on: today ?? "" });
  const [rows, setRows] = useState<Row[]>(lot ? rowsOf(lot) : (start ?? [emptyRow(), emptyRow()]));
  const [stash, setStash] = useState<Found[]>([]);
  const [problem, setProblem] = useState<ProblemError | null>(null);
  const [busy, setBusy] = useState(false);
  const errors = problem?.fields ?? {};
  const field = (name: keyof Fields, label: string, help = "", extra: object = {}) => (
    <TextField
      label={label}
      value={fields[name] ?? ""}
      error={!!errors[name]}
      helperText={errors[name] ?? help}
      onChange={(event) => setFields({ ...fields, [name]: event.target.value })}
      {...extra}
    />
  );
  const named = rows.filter((row) => row.name.trim() || row.piece_id || row.prospect_id);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    setProblem(null);
    const body = {
      ...fields,
      share_rule: fields.share_rule as "equal",
      name: fields.name ?? "",
      members: named.map(sent),
      stash,
    };
    try {
      if (lot) {
        const path = { params: { path: { id: lot.id } } };
        const changed = await ask(
          api.PATCH("/api/lots/{id}", { ...path, body: { ...body, lock_version: lot.lock_version } }),
        );
        // Put back by a change of its own: the diary of each piece tells both.
        done(changed.changes.length ? changed.changes.join(" ") : t("lotDialog.saved", { lot: lot.name }), () =>
          ask(
            api.PATCH("/api/lots/{id}", {
              ...path,
              body: {
                ...lot.fields,
                share_rule: lot.fields.share_rule as "equal",
                members: rowsOf(lot).map(sent),
                lock_version: changed.lot.lock_version,
              },
            }),
          ),
        );
      } else {
        const made = await save(api.POST("/api/lots", { body }), (made) =>
          t("lotDialog.recordedPieces", { count: made.members.length, made: made.name }),
        );
        onMade?.(made);
      }
      onClose();
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error;
      setProblem(error);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Dialog open onClose={onClose} fullScreen={phone} maxWidth="md" aria-labelledby="lot-dialog">
      <Box
        component="form"
        noValidate
        onSubmit={(event: FormEvent) => void submit(event)}
        sx={{ display: "flex", flexDirection: "column", minHeight: 0 }}
      >
        <DialogTitle id="lot-dialog">{lot ? t("lotDialog.editLot") : t("lotDialog.recordLot")}</DialogTitle>
        <DialogContent>
          {problem && (Object.keys(errors).length === 0 || errors.members || errors.stash) && (
            <Alert severity="error" sx={{ mb: 2 }}>
              {problem.message}
            </Alert>
          )}
          <Box
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "1fr 1fr", sm: "repeat(4, 1fr)" },
              gap: 2,
              pt: 1,
              mb: 2,
              alignItems: "start",
            }}
          >
            {field("name", t("lotDialog.nameLot"), "", { sx: { gridColumn: { xs: "1 / -1", sm: "span 2" } } })}
            {field("source", t("lotDialog.bought"))}
            {field("bought_on", t("lotDialog.bought2"), "", {
              type: "date",
              slotProps: { inputLabel: { shrink: true } },
            })}
            {field("price", t("lotDialog.priceAll", { currency: workshop.symbol }), t("lotDialog.n0IfFree"))}
            {field("premium", t("lotDialog.buyersPremium"), t("lotDialog.amount15"))}
            {field("tax", t("lotDialog.tax"), t("lotDialog.amount20Both"))}
            <TextField
              select
              label={t("lotDialog.splitPrice")}
              value={fields.share_rule ?? "equal"}
              helperText={errors.share_rule}
              onChange={(event) => setFields({ ...fields, share_rule: event.target.value })}
            >
              {RULES.map((rule) => (
                <MenuItem key={rule.key} value={rule.key}>
                  {rule.label}
                </MenuItem>
              ))}
            </TextField>
          </Box>
          <Typography variant="h3" sx={{ mb: 1 }}>
            {t("lotDialog.pieces")}
          </Typography>
          <MemberRows rows={rows} set={setRows} rule={fields.share_rule ?? "equal"} workshop={workshop} />
          <StashRows rows={stash} set={setStash} currency={workshop.symbol} />
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2 }}>
          <Button onClick={onClose}>{t("lotDialog.cancel")}</Button>
          <Button type="submit" variant="contained" loading={busy}>
            {lot ? t("lotDialog.save") : t("lotDialog.recordLot2")}
          </Button>
        </DialogActions>
      </Box>
    </Dialog>
  );
}
