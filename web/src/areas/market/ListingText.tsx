// One length of a listing's text: changed in place, copied in one tap, taken back to what the record says.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { api, ask } from "../../api/client";
import type { Listing } from "../../api/types";
import { useUndo } from "../../kit/session/undo";

type Text = Listing["texts"][number];

export function ListingText({ id, text }: { id: number; text: Text }) {
  const [typed, setTyped] = useState<string | null>(null);
  const { done, failed } = useUndo();
  const shown = typed ?? text.text;
  const keep = async (body: string) => {
    const length = text.length as "line" | "short" | "full";
    await ask(api.PUT("/api/pieces/{id}/listing/{length}", { params: { path: { id, length } }, body: { body } }));
    setTyped(null);
    done(body ? "Text kept" : "Back to the record's text");
  };
  const copy = async () => {
    if (!copied(shown)) await navigator.clipboard.writeText(shown);
    done(`${text.label} copied`);
  };
  return (
    <Box sx={{ mb: 2 }}>
      <TextField
        label={`${text.label}${text.changed ? " (changed by you)" : ""}`}
        multiline={text.length !== "line"}
        minRows={text.length === "full" ? 8 : 2}
        fullWidth
        value={shown}
        onChange={(event) => setTyped(event.target.value)}
      />
      <Box className="no-print" sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        <Button size="small" onClick={() => void copy().catch(failed)} aria-label={`Copy ${text.label}`}>
          Copy
        </Button>
        {typed !== null && typed !== text.text && (
          <Button size="small" onClick={() => void keep(typed).catch(failed)} aria-label={`Keep ${text.label}`}>
            Keep
          </Button>
        )}
        {text.changed && (
          <Button
            size="small"
            color="inherit"
            onClick={() => void keep("").catch(failed)}
            aria-label={`Back to the record: ${text.label}`}
          >
            Back to the record
          </Button>
        )}
      </Box>
    </Box>
  );
}

// Copies without asking for leave, on addresses without a certificate too, where the clipboard of the browser is
// closed.
function copied(text: string): boolean {
  const field = document.createElement("textarea");
  field.value = text;
  field.style.position = "fixed";
  document.body.append(field);
  field.select();
  const taken = document.execCommand("copy");
  field.remove();
  return taken;
}
