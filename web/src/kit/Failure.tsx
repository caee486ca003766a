// A screen that could not be filled says why, and offers to try again.
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { Empty } from "./Empty";

export function Failure({ error, again }: { error: Error; again: () => void }) {
  const client = useQueryClient();
  // What else the screen asked for was likely refused as well.
  const all = () => {
    again();
    void client.invalidateQueries();
  };
  return (
    <Empty title="This could not be shown">
      <Typography role="alert">{error.message}</Typography>
      <Button variant="outlined" onClick={all}>
        Try again
      </Button>
    </Empty>
  );
}
