// What the market wants today: offers to answer, price steps due.
import Box from "@mui/material/Box";
import { Link } from "react-router";
import type { Today } from "../../api/types";
import { Part } from "../../kit/Part";

export function WantsPart({ wants }: { wants: Today["market"] }) {
  return (
    <Part title="The market wants">
      {wants.map(({ piece, text }, place) => (
        <Box
          key={place}
          sx={{
            display: "flex",
            flexWrap: "wrap",
            columnGap: 2,
            minHeight: 44,
            alignItems: "center",
            borderBottom: 1,
            borderColor: "divider",
          }}
        >
          <Box sx={{ flex: "1 1 170px" }}>{piece.name}</Box>
          <Box sx={{ flex: "2 1 240px", color: "secondary.main", fontWeight: 600 }}>
            <Link to="/market">{text}</Link>
          </Box>
        </Box>
      ))}
    </Part>
  );
}
