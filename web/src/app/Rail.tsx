// The sections: a rail on a wide screen, a bar under the thumb on a phone.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link, NavLink } from "react-router";
import type { Timer } from "../api/types";
import { Ticking } from "../kit/Ticking";
import { useOpen } from "../kit/session/open";
import { QuietButton } from "../kit/QuietButton";
import { SchemeSwitch } from "../kit/SchemeSwitch";
import { label } from "../kit/theme";

export const SECTIONS = [
  { to: "/", key: "1", name: "Today", short: "Today" },
  { to: "/scout", key: "2", name: "Scout", short: "Scout" },
  { to: "/floor", key: "3", name: "Floor", short: "Floor" },
  { to: "/shelf", key: "4", name: "Shelf", short: "Shelf" },
  { to: "/market", key: "5", name: "Market", short: "Market" },
  { to: "/books", key: "6", name: "Books", short: "Books" },
  { to: "/tools", key: "7", name: "Tools", short: "Tools" },
  { to: "/rules", key: "8", name: "House rules", short: "Rules" },
];

const current = {
  '&[aria-current="page"]': {
    bgcolor: "background.paper",
    fontWeight: 600,
    boxShadow: "inset 4px 0 0 var(--k-palette-primary-main)",
  },
};

export function Rail({ demo, running }: { demo: boolean; running?: Timer }) {
  const open = useOpen();
  return (
    <Box
      component="nav"
      aria-label="Sections"
      sx={{
        display: { xs: "none", md: "flex" },
        flexDirection: "column",
        width: 144,
        flexShrink: 0,
        bgcolor: "rgba(47,107,63,0.07)",
        borderRight: 1,
        borderColor: "divider",
        position: "sticky",
        top: 0,
        height: "100vh",
      }}
    >
      <Typography sx={{ color: "secondary.main", fontWeight: 600, fontSize: 21, px: 2.25, pt: 2.25, pb: 2 }}>
        kohlrabi
      </Typography>
      {SECTIONS.map((section) => (
        <Box
          key={section.to}
          component={NavLink}
          to={section.to}
          end={section.to === "/"}
          sx={{
            display: "flex",
            alignItems: "center",
            minHeight: 40,
            px: 2.25,
            color: "text.primary",
            textDecoration: "none",
            ...current,
          }}
        >
          <Box sx={{ flex: 1 }}>{section.name}</Box>
          <Box component="kbd" aria-hidden sx={{ ...label, fontSize: 12, color: "text.secondary" }}>
            {section.key}
          </Box>
        </Box>
      ))}
      <Box sx={{ flex: 1 }} />
      {running && (
        <Box component={Link} to="/" sx={{ px: 2.25, py: 1, color: "primary.main", textDecoration: "none" }}>
          <Ticking timer={running} />
          <Typography variant="caption" sx={{ display: "block", color: "text.secondary" }}>
            {running.label}
          </Typography>
        </Box>
      )}
      {demo && (
        <Typography variant="caption" sx={{ px: 2.25, py: 0.5, color: "secondary.main" }}>
          Demo workshop, invented
        </Typography>
      )}
      <Box sx={{ px: 1.25, pb: 1.5 }}>
        <SchemeSwitch />
        <QuietButton onClick={open.shortcuts}>Keys: press ?</QuietButton>
      </Box>
    </Box>
  );
}

export function PhoneBar() {
  return (
    <Box
      component="nav"
      aria-label="Sections"
      sx={{
        display: { xs: "flex", md: "none" },
        position: "fixed",
        inset: "auto 0 0 0",
        zIndex: 10,
        bgcolor: "background.paper",
        borderTop: 2,
        borderColor: "text.primary",
        pb: "env(safe-area-inset-bottom)",
      }}
    >
      {SECTIONS.map((section) => (
        <Box
          key={section.to}
          component={NavLink}
          to={section.to}
          end={section.to === "/"}
          sx={{
            flex: 1,
            minHeight: 56,
            display: "grid",
            placeItems: "center",
            color: "text.primary",
            textDecoration: "none",
            '&[aria-current="page"]': {
              fontWeight: 600,
              color: "primary.main",
              boxShadow: "inset 0 4px 0 var(--k-palette-primary-main)",
            },
          }}
        >
          {section.short}
        </Box>
      ))}
    </Box>
  );
}
