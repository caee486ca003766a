// Short facts side by side. They are read, not pressed: no border, no shadow, no pointer.
import Box from "@mui/material/Box";
import { label } from "./theme";
import { PlainList } from "./layout";

export function Chips({ texts }: { texts: (string | null | undefined | false)[] }) {
  const shown = texts.filter((text): text is string => !!text);
  if (shown.length === 0) return null;
  return (
    <PlainList sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
      {shown.map((text) => (
        <Box
          component="li"
          key={text}
          sx={{ ...label, fontWeight: 600, fontSize: 15, px: 1, py: 0.25, bgcolor: "rgba(47,107,63,0.1)" }}
        >
          {text}
        </Box>
      ))}
    </PlainList>
  );
}
