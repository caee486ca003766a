// Before and after in one frame, with a divider that is dragged, or moved by the arrow keys.
import Box from "@mui/material/Box";
import Slider from "@mui/material/Slider";
import { type PointerEvent, useState } from "react";
import type { Photo } from "../../api/types";

const fill = { position: "absolute", inset: 0, width: "100%", height: "100%", objectFit: "cover" } as const;
const sign = {
  position: "absolute",
  bottom: 8,
  bgcolor: "background.paper",
  color: "text.primary",
  px: 1,
  fontWeight: 600,
  fontSize: 14,
} as const;

export function BeforeAfter({ before, after }: { before: Photo; after: Photo }) {
  const [share, setShare] = useState(50);
  const follow = (event: PointerEvent<HTMLElement>) => {
    if (event.type === "pointermove" && event.buttons !== 1) return;
    const frame = event.currentTarget.getBoundingClientRect();
    setShare(Math.round(Math.min(100, Math.max(0, ((event.clientX - frame.left) / frame.width) * 100))));
  };
  return (
    <Box sx={{ maxWidth: 560, mb: 3 }}>
      <Box
        onPointerDown={follow}
        onPointerMove={follow}
        data-share={share}
        sx={{
          position: "relative",
          aspectRatio: "4 / 3",
          overflow: "hidden",
          touchAction: "pan-y",
          cursor: "ew-resize",
          userSelect: "none",
        }}
      >
        <img src={after.large} alt={after.caption ?? "After"} style={fill} draggable={false} />
        <img
          src={before.large}
          alt={before.caption ?? "Before"}
          style={{ ...fill, clipPath: `inset(0 ${100 - share}% 0 0)` }}
          draggable={false}
        />
        <Box
          sx={{
            position: "absolute",
            top: 0,
            bottom: 0,
            width: 3,
            bgcolor: "#fff",
            boxShadow: "0 0 0 1px rgba(0,0,0,.45)",
          }}
          style={{ left: `calc(${share}% - 1px)` }}
        />
        {share > 20 && <Box sx={{ ...sign, left: 8 }}>before</Box>}
        {share < 80 && <Box sx={{ ...sign, right: 8 }}>after</Box>}
      </Box>
      <Slider
        size="small"
        value={share}
        onChange={(_, value) => setShare(value as number)}
        aria-label="Divider between before and after"
        getAriaValueText={(value) => `${value}% before`}
        className="no-print"
      />
    </Box>
  );
}
