// One line of a receipt: what, how much, and for whom; its category is guessed, shown, and changed with one tap.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { useCatalogue, useCategory } from "../../api/queries";
import type { CostCategory, Covers as Covered, ReceiptInput, Workshop } from "../../api/types";
import { ColourField } from "../../kit/colour/ColourField";
import { Covers } from "../../kit/Covers";
import type { ShareInput } from "../../kit/fields";
import { PiecesField } from "../../kit/PiecesField";
import { useSettled } from "../../kit/useSettled";
import { t } from "../../locales/flips";

export type ReceiptLine = {
  key: number;
  what: string;
  amount: string;
  onto: "pieces" | "shelf";
  category: CostCategory | "";
  pieces: ShareInput[];
  product: string;
  colour: string;
  size: string;
  covers?: Covered | undefined;
};
export const EMPTY_LINE: Omit<ReceiptLine, "key"> = {
  what: "",
  amount: "",
  onto: "pieces",
  category: "",
  pieces: [],
  product: "",
  colour: "",
  size: "",
};

// As the server takes it.
export const sent = (line: ReceiptLine): ReceiptInput["lines"][number] =>
  line.onto === "shelf"
    ? { what: line.what, amount: line.amount, product: line.product, size: line.size }
    : {
        what: line.what,
        amount: line.amount,
        category: line.category,
        pieces: line.pieces.map(({ piece_id, weight }) => ({ piece_id, weight })),
        ...(line.covers ? { covers: line.covers } : {}),
      };

const CATEGORIES: CostCategory[] = ["materials", "hardware", "other"];

type Props = {
  line: ReceiptLine;
  workshop: Workshop;
  errors: Record<string, string>;
  place: number;
  number: number;
  onChange: (changes: Partial<ReceiptLine>) => void;
  onRemove?: () => void;
};

export function ReceiptRow({ line, workshop, errors, place, number, onChange, onRemove }: Props) {
  const catalogue = useCatalogue();
  const guess = useCategory(useSettled(line.what, 250));
  const error = (field: string) => errors[`lines/${place}/${field}`];
  const products = catalogue.data?.products ?? [];
  return (
    <Box
      role="group"
      aria-label={t("receiptRow.line", { number })}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "1fr 1fr", md: "1.2fr 110px 230px 1.6fr auto" },
        gap: 1.5,
        alignItems: "start",
        py: 1,
        borderBottom: 1,
        borderColor: "divider",
      }}
    >
      <TextField
        label={t("receiptRow.what")}
        value={line.what}
        onChange={(event) => onChange({ what: event.target.value })}
        error={!!error("what")}
        helperText={error("what")}
        sx={{ gridColumn: { xs: "1 / -1", md: "auto" } }}
      />
      <TextField
        label={workshop.symbol}
        value={line.amount}
        onChange={(event) => onChange({ amount: event.target.value })}
        error={!!error("amount")}
        helperText={error("amount")}
        slotProps={{ htmlInput: { inputMode: "decimal", "aria-label": t("receiptRow.amountLine", { number }) } }}
      />
      <ToggleButtonGroup
        exclusive
        size="small"
        value={line.onto}
        onChange={(_, onto: ReceiptLine["onto"] | null) => onto && onChange({ onto })}
        aria-label={t("receiptRow.whereLineGoes", { number })}
      >
        <ToggleButton value="pieces">{t("receiptRow.pieces")}</ToggleButton>
        <ToggleButton value="shelf">{t("receiptRow.shelf")}</ToggleButton>
      </ToggleButtonGroup>
      {line.onto === "shelf" ? (
        <Box
          sx={{ display: "grid", gridTemplateColumns: "1.4fr 1fr", gap: 1, gridColumn: { xs: "1 / -1", md: "auto" } }}
        >
          <TextField
            select
            label={t("receiptRow.product")}
            value={line.product}
            onChange={(event) => onChange({ product: event.target.value, colour: "" })}
            error={!!error("product")}
            helperText={error("product")}
          >
            {products.map((product) => (
              <MenuItem key={product.key} value={product.key}>
                {product.label}
              </MenuItem>
            ))}
          </TextField>
          {products.find((product) => product.key === line.product)?.colours && (
            <ColourField
              label={t("receiptRow.color")}
              value={line.colour}
              onChange={(colour) => onChange({ colour })}
              none={t("receiptRow.set")}
              {...(error("colour") ? { error: error("colour") } : {})}
            />
          )}
          <TextField
            label={t("receiptRow.size")}
            value={line.size}
            onChange={(event) => onChange({ size: event.target.value })}
            error={!!error("size")}
            helperText={error("size") ?? workshop.measures.volume}
          />
        </Box>
      ) : (
        <Box sx={{ display: "grid", gap: 1, gridColumn: { xs: "1 / -1", md: "auto" } }}>
          <PiecesField
            spec={{ name: "pieces", label: t("receiptRow.pieces2"), kind: "pieces", help: " " }}
            value={line.pieces}
            onChange={(pieces) => onChange({ pieces })}
            error={error("pieces")}
          />
          <ToggleButtonGroup
            exclusive
            size="small"
            disabled={line.what.trim() === ""}
            value={line.category || (guess.data?.category ?? "")}
            onChange={(_, category: CostCategory | null) => category && onChange({ category })}
            aria-label={t("receiptRow.categoryLine", { number })}
          >
            {CATEGORIES.map((category) => (
              <ToggleButton key={category} value={category}>
                {category}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <Covers
            pieces={line.pieces.map((piece) => piece.piece_id)}
            what={line.what}
            category={line.category || (guess.data?.category ?? "")}
            onChange={(covers) => onChange({ covers })}
          />
        </Box>
      )}
      {onRemove && (
        <Button size="small" color="inherit" onClick={onRemove} aria-label={t("receiptRow.removeLine", { number })}>
          {t("receiptRow.remove")}
        </Button>
      )}
    </Box>
  );
}
