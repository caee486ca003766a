// Which pieces bear a cost or a stretch of work, and by what shares: equal, unless weights are written.
import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useMemo, useState } from "react";
import { useFind, useMates, usePieces } from "../api/queries";
import type { FieldSpec, ShareInput } from "./fields";
import { t } from "../locales/kit";

type Props = { spec: FieldSpec; value: ShareInput[]; onChange: (value: ShareInput[]) => void; error?: string };

export function PiecesField({ spec, value, onChange, error }: Props) {
  const [text, setText] = useState("");
  const found = useFind(text);
  const inHand = usePieces({ view: "in_hand", sort: "stage", descending: false, per: 100 });
  // What may be chosen: what is in hand, what the words typed find, and what is chosen already.
  const names = useMemo(
    () =>
      new Map<number, string>([
        ...value.map(
          (share) => [share.piece_id, share.name ?? t("piecesField.piece", { pieceid: share.piece_id })] as const,
        ),
        ...(inHand.data?.rows ?? []).map((row) => [row.id, row.name] as const),
        ...(found.data ?? []).map((piece) => [piece.id, piece.name] as const),
      ]),
    [value, inHand.data, found.data],
  );
  // The field takes a new array for a new choice and forgets what is being typed: the same choice stays the same array.
  const options = useMemo(() => [...names.keys()], [names]);
  const chosen = useMemo(() => value.map((share) => share.piece_id), [value]);
  const name = (id: number) => names.get(id) ?? t("piecesField.piece2", { id });
  const choose = (ids: number[]) =>
    onChange(
      ids.map((id) => value.find((share) => share.piece_id === id) ?? { piece_id: id, weight: "", name: name(id) }),
    );
  // Others just like one that is chosen, which are often worked on together.
  const others = useMates(chosen).filter((mate) => !chosen.includes(mate.id));
  return (
    <Box sx={{ gridColumn: "1 / -1", display: "grid", gap: 1.5 }}>
      <Autocomplete
        multiple
        disableCloseOnSelect
        options={options}
        value={chosen}
        getOptionLabel={name}
        getOptionKey={(id) => id}
        onChange={(_, ids) => choose(ids)}
        onInputChange={(_, typed) => setText(typed)}
        renderInput={(params) => (
          <TextField
            {...params}
            label={spec.label}
            error={!!error}
            helperText={error ?? spec.help ?? t("piecesField.pickSeveralSplitBetween")}
          />
        )}
      />
      {others.length > 0 && (
        <Button
          variant="outlined"
          sx={{ justifySelf: "start" }}
          onClick={() =>
            onChange([...value, ...others.map((mate) => ({ piece_id: mate.id, weight: "", name: mate.name }))])
          }
        >
          {t("piecesField.addMatchingOnes", { count: others.length })}
        </Button>
      )}
      {spec.weights !== false && value.length > 1 && (
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 110px", gap: 1, alignItems: "center" }}>
          <Typography variant="caption" sx={{ gridColumn: "1 / -1", color: "text.secondary" }}>
            {t("piecesField.splitEvenlySplitAnother")}
          </Typography>
          {value.map((share) => (
            <Box key={share.piece_id} sx={{ display: "contents" }}>
              <span>{name(share.piece_id)}</span>
              <TextField
                label={t("piecesField.shares")}
                value={share.weight}
                slotProps={{ htmlInput: { "aria-label": t("piecesField.shares2", { pieceid: name(share.piece_id) }) } }}
                onChange={(event) =>
                  onChange(
                    value.map((other) =>
                      other.piece_id === share.piece_id ? { ...other, weight: event.target.value } : other,
                    ),
                  )
                }
              />
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
