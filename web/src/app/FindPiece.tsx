// Finds a piece by any words of its name, kind, source, notes or ticket.
import Autocomplete from "@mui/material/Autocomplete";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useNavigate } from "react-router";
import { useFind } from "../api/queries";
import type { PieceName } from "../api/types";

export default function FindPiece({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState("");
  const found = useFind(text);
  const navigate = useNavigate();
  const go = (piece: PieceName | null) => {
    if (!piece) return;
    onClose();
    void navigate(`/pieces/${piece.id}`);
  };
  return (
    <Dialog open onClose={onClose} aria-label="Find a piece">
      <DialogContent>
        <Autocomplete
          open={text.trim() !== ""}
          autoHighlight
          options={text.trim() ? (found.data ?? []) : []}
          loading={found.isFetching}
          noOptionsText="No piece has all of these words."
          filterOptions={(options) => options}
          getOptionLabel={(piece) => `${piece.ticket} ${piece.name}, ${piece.stage}`}
          isOptionEqualToValue={(one, other) => one.id === other.id}
          onInputChange={(_, value) => setText(value)}
          onChange={(_, piece) => go(piece)}
          renderInput={(params) => (
            // The dialog was opened to type here.
            // eslint-disable-next-line jsx-a11y/no-autofocus
            <TextField {...params} autoFocus label="Find a piece: name, kind, source or ticket" />
          )}
        />
      </DialogContent>
    </Dialog>
  );
}
