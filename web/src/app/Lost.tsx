import Button from "@mui/material/Button";
import { Link } from "react-router";
import { Empty } from "../kit/Empty";

export function Lost() {
  return (
    <Empty title="There is nothing at this address">
      <Button component={Link} to="/floor" variant="contained">
        Go to the floor
      </Button>
    </Empty>
  );
}
