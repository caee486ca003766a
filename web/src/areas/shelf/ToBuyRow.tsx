// One thing to buy: ticked in the shop at the price on its tag, it stands on the shelf.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import InputAdornment from "@mui/material/InputAdornment";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { api, undoOf } from "../../api/client";
import { useWaiting } from "../../api/device/outbox";
import type { Shopping } from "../../api/types";
import { Material } from "../../kit/colour/Material";
import { useTell } from "../../kit/session/useTell";
import { useUndo } from "../../kit/session/undo";
import { Row } from "../../kit/layout";
import { t } from "../../locales/shelf";

type Row = Shopping["rows"][number];
type Props = { row: Row; currency: string; today: string };

export function ToBuyRow({ row, currency, today }: Props) {
  const facts = [
    row.needed ? t("toBuyRow.needed", { needed: row.needed }) : t("toBuyRow.wear"),
    t("toBuyRow.there", { there: row.there }),
    row.over && t("toBuyRow.willLeft", { over: row.over }),
    row.pieces.join(", "),
  ];
  return (
    <Row
      component="li"
      data-to-buy={row.product}
      gap={1.5}
      sx={{ borderBottom: 1, borderColor: "divider", py: 1, breakInside: "avoid" }}
    >
      <Box sx={{ flex: "1 1 240px", minWidth: 0 }}>
        <Box sx={{ fontWeight: 600 }}>
          <Material label={row.label} swatch={row.swatch} />
        </Box>
        {row.note && <Box sx={{ color: "warning.main", fontSize: 14.5 }}>{row.note}</Box>}
        <Box sx={{ color: "text.secondary", fontSize: 14.5 }}>{facts.filter(Boolean).join(" · ")}</Box>
      </Box>
      <Box sx={{ display: "grid", gap: 1 }}>
        {row.packs.map((pack) => (
          <Pack key={pack.size} row={row} pack={pack} currency={currency} today={today} />
        ))}
      </Box>
    </Row>
  );
}

function Pack({ row, pack, currency, today }: Props & { pack: Row["packs"][number] }) {
  const [paid, setPaid] = useState(pack.price ?? "");
  const { done, failed } = useUndo();
  const tell = useTell();
  const what = `${pack.count} × ${pack.size}`;
  const [product = "", colour = ""] = row.product.split("@"); // a material is a product in a colour
  const buy = async () => {
    const body = { product, colour, size: pack.size, count: String(pack.count), paid, bought_on: today };
    await tell(
      { what: t("toBuyRow.bought", { what, value: row.label }), today: ["bought_on"] },
      (how) => api.POST("/api/containers", { body, ...how }),
      (made) => done(t("toBuyRow.addedShelf", { what, value: row.label }), undoOf(made)),
    );
  };
  // In a shop without a connection it was ticked already.
  const noted = useWaiting().some((entry) => {
    if (entry.url !== "/api/containers" || typeof entry.body !== "string") return false;
    const body = JSON.parse(entry.body) as { product: string; colour: string; size: string };
    return body.product === product && body.colour === colour && body.size === pack.size;
  });
  return (
    <Row wrap={false}>
      <Box sx={{ minWidth: 96, textAlign: "right", fontWeight: 600 }}>{what}</Box>
      <TextField
        label={pack.count > 1 ? t("toBuyRow.priceEach") : t("toBuyRow.price")}
        value={paid}
        onChange={(event) => setPaid(event.target.value)}
        sx={{ width: 130 }}
        slotProps={{
          htmlInput: {
            inputMode: "decimal",
            "aria-label": t("toBuyRow.price2", { value: row.label, size: pack.size }),
          },
          input: { endAdornment: <InputAdornment position="end">{currency}</InputAdornment> },
        }}
      />
      {noted ? (
        <Box role="status">{t("toBuyRow.boughtWillSync")}</Box>
      ) : (
        <Button
          className="no-print"
          variant="outlined"
          onClick={() => void buy().catch(failed)}
          aria-label={t("toBuyRow.bought2", { value: row.label, size: pack.size })}
        >
          {t("toBuyRow.bought3")}
        </Button>
      )}
    </Row>
  );
}
