// Files of Books for other programs and other people.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Part } from "../../kit/Part";

export function ExportsPart({ year }: { year: number }) {
  const files = [
    {
      href: "/api/export/flips.csv",
      label: "Flips as CSV",
      note: "one row a flip, all years; comes in again under “Bring in past flips”",
    },
    { href: "/api/export/costs.csv", label: "Costs as CSV", note: "every share of every cost" },
    { href: "/api/export/hours.csv", label: "Hours as CSV", note: "every stretch of work by person and kind" },
    { href: "/api/export/sales.csv", label: "Sales as CSV", note: "with fees, delivery, tips and refunds" },
    {
      href: "/api/export/books.journal",
      label: "Accounting journal",
      note: "double entry in plain text, in balance; costs stand in inventory until the sale",
    },
    {
      href: `/api/export/tax/${year}`,
      label: `Tax year ${year}`,
      note: "purchases, costs, sales, mileage and stock at both ends; what counts is for your local rules",
    },
    { href: `/api/export/year/${year}`, label: `Summary of ${year} as PDF`, note: "to print" },
  ];
  return (
    <Part title="Files">
      <Box component="ul" sx={{ listStyle: "none", p: 0, m: 0 }}>
        {files.map((file) => (
          <Box
            component="li"
            key={file.href}
            sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "center" }}
          >
            <Button component="a" href={file.href} download sx={{ minWidth: 200, justifyContent: "flex-start" }}>
              {file.label}
            </Button>
            <Typography sx={{ color: "text.secondary" }}>{file.note}</Typography>
          </Box>
        ))}
      </Box>
    </Part>
  );
}
