// Estimates against what came: by how much and which way, with the flips behind each.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { TimeInStage } from "../../api/types";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";

export function EstimatesPart({ estimates }: { estimates: TimeInStage["estimates"] }) {
  return (
    <Part title="Estimate and actual">
      {estimates.map((line) => (
        <Box key={line.key} sx={{ py: 0.75, borderBottom: 1, borderColor: "divider" }}>
          <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2 }}>
            <Box sx={{ flex: "0 0 270px", fontWeight: 600 }}>{line.label}</Box>
            <Box>
              {line.text}
              {line.n > 0 && (
                <Typography component="span" sx={{ color: "text.secondary" }}>
                  {` (median of ${line.n}; half of them ${line.spread}; ${line.over} over, ${line.under} under)`}
                </Typography>
              )}
            </Box>
          </Box>
          {line.pairs.length > 0 && (
            <Box component="details">
              <summary>Flips behind it</summary>
              <SmallTable
                label={line.label}
                columns={["Flip", ["Estimated"], ["Came"]]}
                rows={line.pairs.map((pair) => ({
                  key: pair.id,
                  cells: [
                    <Link key="flip" to={`/pieces/${pair.id}`}>
                      {pair.name}
                    </Link>,
                    pair.estimated,
                    pair.actual,
                  ],
                }))}
                width={560}
              />
            </Box>
          )}
        </Box>
      ))}
    </Part>
  );
}
