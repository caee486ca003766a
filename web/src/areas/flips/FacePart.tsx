// The piece's face, large: as it stands in its plan, else its best photo, else its drawing.
import Box from "@mui/material/Box";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { useState } from "react";
import { usePlan } from "../../api/queries";
import type { Piece, Workshop } from "../../api/types";
import { Drawing } from "../../kit/Drawing";
import { PieceInTime } from "../../kit/PieceInTime";
import { ShapeSays } from "../../kit/shape/ShapeSays";
import { t } from "../../locales/flips";

const WIDE = 440;

export function FacePart({ piece, workshop }: { piece: Piece; workshop: Workshop }) {
  const { photos, drawing, strip, shape, fields, id } = piece;
  const face = photos.find((photo) => photo.face) ?? [...photos].reverse().find((photo) => photo.kind === "after");
  const [wanted, setWanted] = useState<"photo" | "drawing" | null>(null);
  const shown = face ? (wanted ?? (strip.ended || !piece.planned ? "photo" : "drawing")) : "drawing";
  return (
    <Box sx={{ mb: 3 }}>
      {face && (
        <ToggleButtonGroup
          exclusive
          size="small"
          value={shown}
          aria-label={t("facePart.picture")}
          className="no-print"
          onChange={(_, next: "photo" | "drawing" | null) => next && setWanted(next)}
          sx={{ mb: 1 }}
        >
          <ToggleButton value="photo">{t("facePart.photo")}</ToggleButton>
          <ToggleButton value="drawing">{t("facePart.drawing")}</ToggleButton>
        </ToggleButtonGroup>
      )}
      {shown === "photo" && face ? (
        <img
          src={face.large}
          alt={face.caption ?? face.label}
          width={face.width}
          height={face.height}
          style={{ width: WIDE, maxWidth: "100%", height: "auto", display: "block" }}
        />
      ) : piece.planned && !strip.ended ? (
        <InTime piece={piece} />
      ) : (
        <Drawing shape={drawing} width={WIDE} height={300} measures />
      )}
      <ShapeSays
        id={id}
        kind={fields.kind ?? ""}
        shape={strip.ended ? { ...shape, says: null } : shape}
        workshop={workshop}
      />
    </Box>
  );
}

// Room is kept for the slider and its words until the plan is there: nothing below it jumps.
function InTime({ piece }: { piece: Piece }) {
  const { data } = usePlan(piece.id);
  if (data?.plan) return <PieceInTime shape={piece.drawing} plan={data.plan} width={WIDE} height={310} />;
  return (
    <Box sx={{ pt: 3, pb: 11 }}>
      <Drawing shape={piece.drawing} width={WIDE} height={310} measures />
    </Box>
  );
}
