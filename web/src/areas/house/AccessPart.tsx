// Who is let in from other devices, and how that is ended: here, or on all of them.
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, LOCKED } from "../../api/client";
import { useWaiting } from "../../api/device/outbox";
import { dropDrafts } from "../../api/device/drafts";
import { clearDevice } from "../../api/device/store";
import { useAccess } from "../../api/queries";
import { useUndo } from "../../kit/session/undo";
import { Part } from "../../kit/Part";

export function AccessPart() {
  const access = useAccess();
  const { done, failed } = useUndo();
  const waiting = useWaiting();
  const client = useQueryClient();
  const [sure, setSure] = useState(false);
  if (!access.data?.passcode) return null;
  const { devices, here } = access.data;
  const leave = async () => {
    if (waiting.length > 0 && !sure) return setSure(true);
    await ask(api.DELETE("/api/session"));
    await clearDevice();
    dropDrafts();
    client.clear();
    window.dispatchEvent(new Event(LOCKED));
  };
  const leaveAll = async () => {
    const { ended } = await ask(api.DELETE("/api/sessions"));
    done(`${ended} ${ended === 1 ? "device" : "devices"} signed out`);
    if (here) window.dispatchEvent(new Event(LOCKED));
  };
  return (
    <Part title="Other devices">
      <Typography>
        {devices === 0
          ? "No other device is signed in."
          : `${devices} ${devices === 1 ? "device is" : "devices are"} signed in with the passcode${here ? ", this one included" : ""}. Each stays so for 30 days.`}
      </Typography>
      {here && (
        <Button variant="outlined" sx={{ mt: 1, mr: 1 }} onClick={() => void leave().catch(failed)}>
          {sure ? "Sign out all the same" : "Sign out here"}
        </Button>
      )}
      {sure && (
        <Alert severity="warning" sx={{ mt: 1 }}>
          {waiting.length === 1 ? "1 thing waits" : `${waiting.length} things wait`} on this device to be told. Signing
          out throws that away.
        </Alert>
      )}
      {devices > 0 && (
        <Button variant="outlined" sx={{ mt: 1 }} onClick={() => void leaveAll().catch(failed)}>
          Sign out all devices
        </Button>
      )}
    </Part>
  );
}
