// The pages of a section, side by side under its name; they scroll sideways on a phone. keep: what of the address stays
// from one to the next.
import Box from "@mui/material/Box";
import { useEffect, useRef } from "react";
import { NavLink, useLocation } from "react-router";
import { Row } from "./layout";

type Props = { name: string; pages: { to: string; label: string; end?: boolean }[]; keep?: string[] };

export function SubNav({ name, pages, keep = [] }: Props) {
  const row = useRef<HTMLElement>(null);
  const { pathname, search } = useLocation();
  const kept = new URLSearchParams([...new URLSearchParams(search)].filter(([key]) => keep.includes(key))).toString();
  // On a phone the page that is open may lie out of view.
  useEffect(() => {
    const open = row.current?.querySelector<HTMLElement>('[aria-current="page"]');
    if (open && row.current) row.current.scrollLeft = open.offsetLeft - row.current.offsetLeft - 24;
  }, [pathname]);
  return (
    <Row
      ref={row}
      component="nav"
      aria-label={name}
      className="no-print"
      wrap={false}
      gap={0.5}
      align="stretch"
      sx={{ mb: 2, overflowX: "auto" }}
    >
      {pages.map((page) => (
        <Box
          key={page.to}
          component={NavLink}
          to={kept ? `${page.to}?${kept}` : page.to}
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
    </Row>
  );
}
