// What colours and patterns of a drawing mean.
import Box from "@mui/material/Box";
import { useId } from "react";
import { tone } from "./finishes";
import { Patterns } from "./Patterns";
import type { ZoneLook } from "./ZoneMap";

export function FinishKey({ looks }: { looks: ZoneLook[] }) {
  const id = useId().replace(/:/g, "");
  const seen = new Map(looks.map((look) => [`${look.finish} ${look.colour} ${look.name}`, look]));
  return (
    <Box
      component="ul"
      aria-label="Finishes"
      sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, listStyle: "none", p: 0, m: 0, mt: 1, fontSize: "0.88rem" }}
    >
      {[...seen.entries()].map(([key, look]) => (
        <Box component="li" key={key} sx={{ display: "flex", alignItems: "center", gap: 0.75 }}>
          <svg width={28} height={18} aria-hidden>
            <Patterns prefix={`${id}-${key.replace(/\W/g, "")}`} size={1} />
            <rect width={27} height={17} x={0.5} y={0.5} fill={tone(look.finish, look.colour)} stroke="#1e2a24" />
            {look.finish !== "paint" && (
              <rect width={28} height={18} fill={`url(#${id}-${key.replace(/\W/g, "")}-${look.finish})`} />
            )}
          </svg>
          {look.label}
          {look.name && `, ${look.name}`}
        </Box>
      ))}
    </Box>
  );
}
