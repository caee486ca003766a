// A screen that could not be filled says why, and offers to try again.
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Empty } from "./Empty";

export function Failure({ error, again }: { error: Error; again: () => void }) {
  return (
    <Empty title="This could not be shown">
      <Typography role="alert">{error.message}</Typography>
      <Button variant="outlined" onClick={again}>
        Try again
      </Button>
    </Empty>
  );
}
