// Today with nothing in hand: what begins the next flip.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Link } from "react-router";
import { Empty } from "../../kit/Empty";
import { useOpen } from "../../kit/session/open";

export function NothingInHand() {
  const open = useOpen();
  return (
    <Empty title="Nothing is in hand">
      <span>The next steps, what dries and what wants an answer stand here as soon as a piece is bought.</span>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        <Button variant="contained" onClick={open.newPiece}>
          Record a piece
        </Button>
        <Button component={Link} to="/scout/new" variant="outlined">
          Look at one in a shop
        </Button>
      </Box>
    </Empty>
  );
}
