// Says, while it is so, that the workshop is out of reach, and what waits on this device to be told. A tap lists it.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import { lazy, Suspense, useState } from "react";
import { useReach } from "../api/device/reach";
import { useWaiting } from "../api/device/outbox";

const Waiting = lazy(() => import("./Waiting"));

const things = (count: number) => (count === 1 ? "1 thing waits here" : `${count} things wait here`);

export function ReachStrip() {
  const { within, since } = useReach();
  const waiting = useWaiting();
  const [open, setOpen] = useState(false);
  const refused = waiting.filter((entry) => entry.refused).length;
  const quiet = within && waiting.length === 0;
  if (quiet && !open) return null;
  const at = since.toLocaleTimeString(undefined, { hour: "2-digit", minute: "2-digit" });
  const said = [
    !within && `Out of reach since ${at}: this is what was seen last`,
    waiting.length > refused && things(waiting.length - refused),
    refused > 0 && (refused === 1 ? "1 was refused" : `${refused} were refused`),
  ].filter(Boolean);
  return (
    <>
      {!quiet && (
        <ButtonBase
          onClick={() => setOpen(true)}
          className="no-print"
          data-reach
          sx={{
            position: "sticky",
            top: 0,
            zIndex: 8,
            width: "100%",
            minHeight: 44,
            mb: 1.5,
            px: 1.5,
            justifyContent: "flex-start",
            textAlign: "left",
            font: "inherit",
            color: "text.primary",
            bgcolor: "background.paper",
            borderLeft: 5,
            borderBottom: 1,
            borderColor: refused > 0 ? "error.main" : "warning.main",
          }}
        >
          <Box component="span" role="status">{`${said.join(" · ")}.`}</Box>
        </ButtonBase>
      )}
      <Suspense>{open && <Waiting onClose={() => setOpen(false)} />}</Suspense>
    </>
  );
}
