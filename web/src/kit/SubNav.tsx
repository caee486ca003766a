// The pages of a section, side by side under its name; they scroll sideways on a phone.
import Box from "@mui/material/Box";
import { NavLink } from "react-router";

export function SubNav({ name, pages }: { name: string; pages: { to: string; label: string; end?: boolean }[] }) {
  return (
    <Box component="nav" aria-label={name} className="no-print" sx={{ display: "flex", gap: 0.5, mb: 2, overflowX: "auto" }}>
      {pages.map((page) => (
        <Box
          key={page.to}
          component={NavLink}
          to={page.to}
          end={page.end ?? false}
          sx={{
            px: 1.5,
            minHeight: 44,
            display: "grid",
            placeItems: "center",
            whiteSpace: "nowrap",
            color: "text.primary",
            textDecoration: "none",
            borderBottom: 3,
            borderColor: "transparent",
            '&[aria-current="page"]': { fontWeight: 600, borderColor: "primary.main" },
          }}
        >
          {page.label}
        </Box>
      ))}
    </Box>
  );
}
