// A receipt with its lines: each for pieces or onto the shelf; tax is shared over them, and all add up to the total.
import Alert from "@mui/material/Alert";
import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { api, ProblemError, undoOf } from "../../api/client";
import type { Workshop } from "../../api/types";
import { type Named, startWith } from "../../kit/fields";
import { BackAgain } from "../../kit/BackAgain";
import { useDraftState } from "../../kit/session/useDraft";
import { useTell } from "../../kit/session/useTell";
import { useUndo } from "../../kit/session/undo";
import { EMPTY_LINE, type ReceiptLine, ReceiptRow, sent } from "./ReceiptRow";
import { Row } from "../../kit/layout";
import { t } from "../../locales/flips";

type Props = { workshop: Workshop; shops: string[]; piece?: Named; onDone?: () => void };

// piece: the one its lines are for at first; onDone: told when it is recorded and no other follows.
export function ReceiptForm({ workshop, shops, piece, onDone }: Props) {
  const empty = { shop: "", spent_on: workshop.today.iso, tax: "", total: "" };
  const bare = { head: empty, lines: [{ ...EMPTY_LINE, key: 0, pieces: startWith(piece) }] as ReceiptLine[] };
  const { value, set: change, begin, back } = useDraftState("receipt", bare);
  const { head, lines } = value;
  const setHead = (next: typeof head) => change((before) => ({ ...before, head: next }));
  const setLines = (next: (all: ReceiptLine[]) => ReceiptLine[]) =>
    change((before) => ({ ...before, lines: next(before.lines) }));
  const [problem, setProblem] = useState<ProblemError | null>(null);
  const { done } = useUndo();
  const tell = useTell();
  const errors = problem?.fields ?? {};
  const set = (key: number, changes: Partial<ReceiptLine>) =>
    setLines((all) => all.map((one) => (one.key === key ? { ...one, ...changes } : one)));
  const another = () =>
    setLines((all) => [
      ...all,
      { ...EMPTY_LINE, key: Math.max(...all.map((one) => one.key)) + 1, pieces: all[all.length - 1]?.pieces ?? [] },
    ]);
  const used = lines.filter((one) => one.amount.trim() !== "" || one.what.trim() !== "");
  const save = async (again: boolean) => {
    setProblem(null);
    try {
      await tell(
        {
          what: t("receiptForm.receipt", {
            shop: head.shop && t("receiptForm.from", { shop: head.shop }),
            more: t("receiptForm.lines", { count: used.length }),
          }),
          today: head.spent_on === empty.spent_on ? ["spent_on"] : [],
        },
        (how) => api.POST("/api/receipts", { body: { ...head, lines: used.map(sent) }, ...how }),
        (made) =>
          done(t("receiptForm.receiptRecorded", { total: made.total?.text, currency: workshop.symbol }), undoOf(made)),
      );
      begin(again ? { ...bare, head: { ...empty, shop: head.shop, spent_on: head.spent_on } } : bare);
      if (!again) onDone?.();
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error;
      setProblem(error);
    }
  };
  const field = (name: "spent_on" | "tax" | "total", label: string, help?: string) => (
    <TextField
      label={label}
      type={name === "spent_on" ? "date" : "text"}
      value={head[name]}
      onChange={(event) => setHead({ ...head, [name]: event.target.value })}
      error={!!errors[name]}
      helperText={errors[name] ?? help}
      slotProps={name === "spent_on" ? { inputLabel: { shrink: true } } : { htmlInput: { inputMode: "decimal" } }}
    />
  );
  return (
    <>
      {back && <BackAgain onAnew={() => begin(bare)} />}
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr 1fr", md: "1.4fr 1fr 1fr 1fr" },
          gap: 1.5,
          alignItems: "start",
          mb: 1,
        }}
      >
        <Autocomplete
          freeSolo
          options={shops}
          inputValue={head.shop}
          onInputChange={(_, shop) => setHead({ ...head, shop })}
          renderInput={(params) => <TextField {...params} label={t("receiptForm.shop")} />}
        />
        {field("spent_on", t("receiptForm.date"))}
        {field("tax", t("receiptForm.taxAdded", { currency: workshop.symbol }), t("receiptForm.leaveBlankIfPrices"))}
        {field("total", t("receiptForm.total", { currency: workshop.symbol }), t("receiptForm.printedChecksLinesAdd"))}
      </Box>
      {lines.map((one, place) => (
        <ReceiptRow
          key={one.key}
          line={one}
          workshop={workshop}
          errors={errors}
          place={used.indexOf(one)}
          onChange={(changes) => set(one.key, changes)}
          onRemove={lines.length > 1 ? () => setLines((all) => all.filter((other) => other !== one)) : undefined}
          number={place + 1}
        />
      ))}
      {errors.lines && <Alert severity="error">{errors.lines}</Alert>}
      <Row align="stretch" sx={{ mt: 2 }}>
        <Button variant="contained" disabled={used.length === 0} onClick={() => void save(false)}>
          {t("receiptForm.recordReceipt")}
        </Button>
        <Button variant="outlined" disabled={used.length === 0} onClick={() => void save(true)}>
          {t("receiptForm.recordAddAnother")}
        </Button>
        <Button onClick={another}>{t("receiptForm.addLine")}</Button>
      </Row>
    </>
  );
}
