// What is left in a container, dragged to where it stands, or moved with the arrow keys.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Slider from "@mui/material/Slider";
import { useState } from "react";

type Props = { percent: number; label: string; onChosen: (share: string) => void };

export function LevelSlider({ percent, label, onChosen }: Props) {
  const [level, setLevel] = useState(percent);
  return (
    <Box
      component="li"
      role="none"
      sx={{ display: "flex", alignItems: "center", gap: 2, height: 150, px: 3, py: 2.5, listStyle: "none" }}
      // Keys are for the slider, not for the menu.
      onKeyDown={(event) => event.key !== "Escape" && event.stopPropagation()}
    >
      <Slider
        orientation="vertical"
        value={level}
        step={5}
        aria-label={label}
        onChange={(_, value) => setLevel(value as number)}
      />
      <Button variant="outlined" onClick={() => onChosen(`${level}%`)}>{`Keep ${level}%`}</Button>
    </Box>
  );
}
