// What waits on this device to be told to the workshop, in the order in which it happened; what was refused says why,
// and can be mended or thrown away.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "../kit/BackDialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { drop, put, useWaiting } from "../api/device/outbox";
import { useReach } from "../api/device/reach";
import { sendAll } from "../api/device/sender";
import type { Entry } from "../api/device/store";
import { MendEntry } from "./MendEntry";

const at = (entry: Entry) =>
  new Date(entry.happenedAt).toLocaleString(undefined, { weekday: "short", hour: "2-digit", minute: "2-digit" });

// What builds on something goes with it.
const family = (entry: Entry, all: Entry[]) =>
  all.filter((one) => one === entry || one.names.includes(entry.reference));

export default function Waiting({ onClose }: { onClose: () => void }) {
  const waiting = useWaiting();
  const { within } = useReach();
  const [mending, setMending] = useState<Entry | null>(null);
  const [asked, setAsked] = useState<Entry | null>(null);
  const again = async (entry: Entry) => {
    for (const one of family(entry, waiting)) await put({ ...one, refused: undefined });
    await sendAll();
  };
  const away = async (entry: Entry) => {
    for (const one of family(entry, waiting)) await drop(one.id);
    setAsked(null);
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="what-waits" fullWidth maxWidth="sm">
      <DialogTitle id="what-waits">What waits on this device</DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 1.5, color: "text.secondary" }}>
          {waiting.length === 0
            ? "Nothing waits: all of it was told to the workshop."
            : "It is told in this order, each once, as of when it happened, as soon as the workshop answers."}
        </Typography>
        <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
          {waiting.map((entry) => (
            <Box component="li" key={entry.id} sx={{ borderTop: 1, borderColor: "divider", py: 1 }}>
              <Box sx={{ display: "flex", gap: 2, justifyContent: "space-between" }}>
                <Box component="span" sx={{ fontWeight: 600 }}>
                  {entry.what}
                </Box>
                <Box component="span" sx={{ color: "text.secondary", whiteSpace: "nowrap" }}>
                  {at(entry)}
                </Box>
              </Box>
              {entry.refused && <Alert severity="error">{entry.refused.detail}</Alert>}
              {asked === entry ? (
                <Box role="alert">
                  {family(entry, waiting).length > 1 ? "What builds on it goes with it. " : ""}Throw it away for good?
                  <Button color="error" onClick={() => void away(entry)}>
                    Throw it away
                  </Button>
                  <Button onClick={() => setAsked(null)}>Keep it</Button>
                </Box>
              ) : (
                <Box>
                  {entry.refused && entry.refused.status !== 424 && (
                    <>
                      <Button onClick={() => setMending(entry)}>Mend it</Button>
                      <Button onClick={() => void again(entry)}>Try again</Button>
                    </>
                  )}
                  <Button color="inherit" onClick={() => setAsked(entry)}>
                    Throw away
                  </Button>
                </Box>
              )}
            </Box>
          ))}
        </Box>
      </DialogContent>
      <DialogActions>
        {waiting.some((entry) => !entry.refused) && (
          <Button onClick={() => void sendAll()}>{within ? "Tell it now" : "Look whether it answers"}</Button>
        )}
        <Button variant="contained" onClick={onClose}>
          Close
        </Button>
      </DialogActions>
      {mending && (
        <MendEntry
          entry={mending}
          onClose={() => setMending(null)}
          onMended={async (mended) => {
            setMending(null);
            await put(mended);
            await again(mended);
          }}
        />
      )}
    </Dialog>
  );
}
