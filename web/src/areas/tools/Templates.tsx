// The template at its real size: a drawing, or sheets of paper to join.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Part } from "../../kit/Part";

export function Templates({ tool, values }: { tool: string; values: Record<string, string> }) {
  const given = encodeURIComponent(JSON.stringify(values));
  const link = (form: string, paper = "") =>
    `/api/tools/${tool}/template.${form}?given=${given}${paper && `&paper=${paper}`}`;
  const rows: [string, string][] = [
    ["PDF on A4", link("pdf", "A4")],
    ["PDF on Letter", link("pdf", "Letter")],
    ["SVG", link("svg")],
  ];
  return (
    <Part title="Template at 1:1">
      <Box className="no-print" sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        {rows.map(([name, address]) => (
          <Button key={name} variant="outlined" component="a" href={address} download>
            {name}
          </Button>
        ))}
      </Box>
      <Box sx={{ color: "text.secondary", pt: 1 }}>
        Print at 100%, then measure the bar on it before you trust the rest.
      </Box>
    </Part>
  );
}
