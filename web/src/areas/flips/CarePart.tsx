// Will it fit, and what to have in mind with this piece.
import Box from "@mui/material/Box";
import type { Piece } from "../../api/types";
import { Cautions } from "../../kit/Cautions";
import { FitTable } from "../../kit/FitTable";
import { Fold } from "../../kit/Fold";

export function CarePart({ piece }: { piece: Piece }) {
  return (
    <Fold
      title="Will it fit, and what to mind"
      summary={piece.cautions.length === 1 ? "1 caution" : `${piece.cautions.length} cautions`}
    >
      <FitTable fit={piece.fit} />
      {piece.single && <Box sx={{ my: 1.5, pl: 1.5, borderLeft: 3, borderColor: "warning.main" }}>{piece.single}</Box>}
      <Box sx={{ mt: 1.5 }}>
        <Cautions texts={piece.cautions} />
      </Box>
    </Fold>
  );
}
