// What was spent on a piece beyond its price; shared costs say of what.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { api, ask } from "../../api/client";
import type { Cost, Piece, Workshop } from "../../api/types";
import { useUndo } from "../../app/undo";
import { Part } from "../../kit/Part";
import { CostDialog } from "./CostDialog";

const CATEGORIES = { materials: "Materials", hardware: "Hardware", other: "Other" };

export function CostsPart({ piece, workshop }: { piece: Piece; workshop: Workshop }) {
  const [dialog, setDialog] = useState<"new" | Cost | null>(null);
  const { removed, failed } = useUndo();
  const remove = (cost: Cost) =>
    ask(api.DELETE("/api/costs/{id}", { params: { path: { id: cost.id } } }))
      .then(removed)
      .catch(failed);
  return (
    <Part title="Costs" action={<Button onClick={() => setDialog("new")}>Record cost</Button>}>
      {piece.costs.length === 0 && <Box sx={{ color: "text.secondary" }}>Nothing spent beyond the price paid.</Box>}
      {piece.costs.map((cost) => {
        const share = cost.shares.find((one) => one.piece_id === piece.id);
        return (
          <Box
            key={cost.id}
            sx={{
              display: "flex",
              flexWrap: "wrap",
              columnGap: 2,
              alignItems: "center",
              minHeight: 44,
              borderBottom: 1,
              borderColor: "divider",
            }}
          >
            <Box sx={{ width: 96, color: "text.secondary" }}>{cost.spent_on?.text ?? "no date"}</Box>
            <Box sx={{ flex: "1 1 180px" }}>
              {cost.what}
              <Box component="span" sx={{ color: "text.secondary" }}>
                {`, ${CATEGORIES[cost.category].toLowerCase()}`}
                {cost.shares.length > 1 && `, shared: ${cost.amount?.text} over ${cost.shares.length} pieces`}
              </Box>
            </Box>
            <Box sx={{ minWidth: 80, textAlign: "right", fontWeight: 500 }}>
              {share?.amount?.text} {workshop.currency}
            </Box>
            <Box className="no-print">
              <Button size="small" onClick={() => setDialog(cost)} aria-label={`Correct ${cost.what}`}>
                Correct
              </Button>
              <Button size="small" color="inherit" onClick={() => void remove(cost)} aria-label={`Remove ${cost.what}`}>
                Remove
              </Button>
            </Box>
          </Box>
        );
      })}
      {dialog && (
        <CostDialog
          cost={dialog === "new" ? undefined : dialog}
          pieceId={piece.id}
          workshop={workshop}
          onClose={() => setDialog(null)}
        />
      )}
    </Part>
  );
}
