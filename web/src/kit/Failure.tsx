// A screen that could not be filled says why, and offers to try again.
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { isUnreachable } from "../api/client";
import { Empty } from "./Empty";

export function Failure({ error, again }: { error: Error; again: () => void }) {
  const client = useQueryClient();
  // What else the screen asked for was likely refused as well.
  const all = () => {
    again();
    void client.invalidateQueries();
  };
  const away = isUnreachable(error);
  return (
    <Empty title={away ? "Not seen on this device before" : "This could not be shown"}>
      <Typography role="alert">
        {away
          ? "The server does not answer. Is it still running, and in reach? This page opens by itself once it is."
          : error.message}
      </Typography>
      <Button variant="outlined" onClick={all}>
        Try again
      </Button>
    </Empty>
  );
}
