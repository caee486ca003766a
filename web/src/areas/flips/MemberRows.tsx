// The pieces of a lot: new ones, spotted ones, ones already here; how many alike, expected resale, part by hand, found
// inside.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useProspects } from "../../api/queries";
import type { Workshop } from "../../api/types";
import { emptyRow, type Row as Member } from "./members";
import { Row } from "../../kit/layout";
import { t } from "../../locales/flips";

type Props = { rows: Member[]; set: (rows: Member[]) => void; rule: string; workshop: Workshop };

export function MemberRows({ rows, set, rule, workshop }: Props) {
  const spotted = useProspects("open", 1, "");
  const change = (key: string, changes: Partial<Member>) =>
    set(rows.map((row) => (row.key === key ? { ...row, ...changes } : row)));
  const taken = new Set(rows.map((row) => row.prospect_id));
  const free = (spotted.data?.rows ?? []).filter((one) => !taken.has(one.id));
  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      {rows.map((row, place) => (
        <Box
          key={row.key}
          role="group"
          aria-label={t("memberRows.piece", { place: place + 1 })}
          sx={{
            display: "grid",
            gridTemplateColumns: "repeat(6, 1fr)",
            gap: 1,
            borderTop: 1,
            borderColor: "divider",
            pt: 1.5,
            alignItems: "start",
          }}
        >
          {row.piece_id || row.prospect_id ? (
            <Box sx={{ gridColumn: "span 4", fontWeight: 600, pt: 1 }}>{row.name}</Box>
          ) : (
            <>
              <TextField
                label={t("memberRows.piece", { place: place + 1 })}
                value={row.name}
                onChange={(event) => change(row.key, { name: event.target.value })}
                sx={{ gridColumn: { xs: "1 / -1", sm: "span 3" } }}
              />
              <TextField
                select
                label={t("memberRows.kind")}
                value={row.kind}
                onChange={(event) => change(row.key, { kind: event.target.value })}
                sx={{ gridColumn: { xs: "span 4", sm: "span 2" } }}
              >
                <MenuItem value="">{t("memberRows.set")}</MenuItem>
                {workshop.lists.kinds.map((kind) => (
                  <MenuItem key={kind} value={kind}>
                    {kind}
                  </MenuItem>
                ))}
              </TextField>
              <TextField
                label={t("memberRows.howMany")}
                value={row.count}
                onChange={(event) => change(row.key, { count: event.target.value })}
                sx={{ gridColumn: { xs: "span 2", sm: "span 1" } }}
              />
            </>
          )}
          {!row.prospect_id && (
            <TextField
              label={t("memberRows.expectedPrice", { currency: workshop.symbol })}
              value={row.expected_resale}
              onChange={(event) => change(row.key, { expected_resale: event.target.value })}
              sx={{ gridColumn: { xs: "span 3", sm: "span 2" } }}
            />
          )}
          {rule === "hand" && (
            <TextField
              label={t("memberRows.sharePrice", { currency: workshop.symbol })}
              value={row.share}
              onChange={(event) => change(row.key, { share: event.target.value })}
              sx={{ gridColumn: { xs: "span 3", sm: "span 2" } }}
            />
          )}
          <FormControlLabel
            sx={{ gridColumn: { xs: "span 4", sm: "span 2" } }}
            control={<Checkbox checked={row.found} onChange={(_, found) => change(row.key, { found })} />}
            label={t("memberRows.foundInsideCost")}
          />
          <Button
            color="inherit"
            sx={{ gridColumn: "span 2", justifySelf: "end" }}
            aria-label={t("memberRows.removePiece", { place: place + 1 })}
            onClick={() => set(rows.filter((other) => other.key !== row.key))}
          >
            {t("memberRows.remove")}
          </Button>
        </Box>
      ))}
      <Row>
        <Button variant="outlined" onClick={() => set([...rows, emptyRow()])}>
          {t("memberRows.addPiece")}
        </Button>
        {free.length > 0 && (
          <TextField
            select
            label={t("memberRows.addSpottedPiece")}
            value=""
            sx={{ width: 230 }}
            onChange={(event) => {
              const one = free.find((prospect) => prospect.id === Number(event.target.value));
              if (one)
                set([
                  ...rows.filter((row) => row.name || row.piece_id || row.prospect_id),
                  emptyRow({ prospect_id: one.id, name: one.title }),
                ]);
            }}
          >
            {free.map((one) => (
              <MenuItem key={one.id} value={one.id}>
                {one.title}
              </MenuItem>
            ))}
          </TextField>
        )}
      </Row>
    </Box>
  );
}
