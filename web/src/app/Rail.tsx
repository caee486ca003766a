// The sections: a rail on a wide screen, a bar under the thumb on a phone.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, NavLink, useLocation } from "react-router";
import type { Timer } from "../api/types";
import { Ticking } from "../kit/Ticking";
import { useOpen } from "../kit/session/open";
import { QuietButton } from "../kit/QuietButton";
import { SchemeSwitch } from "../kit/SchemeSwitch";
import { SectionIcon, type Sign } from "../kit/SectionIcon";
import { label } from "../kit/theme";

export const SECTIONS = [
  { to: "/", key: "1", name: "Today", sign: "today" as Sign },
  { to: "/scout", key: "2", name: "Scout", sign: "scout" as Sign },
  { to: "/floor", key: "3", name: "Floor", sign: "floor" as Sign },
  { to: "/shelf", key: "4", name: "Shelf", sign: "shelf" as Sign },
  { to: "/market", key: "5", name: "Market", sign: "market" as Sign },
  { to: "/books", key: "6", name: "Books", sign: "books" as Sign },
  { to: "/tools", key: "7", name: "Tools", sign: "tools" as Sign },
  { to: "/rules", key: "8", name: "House rules", sign: "rules" as Sign },
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
        width: 158,
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
            pl: 1.75,
            pr: 1.5,
            color: "text.primary",
            textDecoration: "none",
            ...current,
          }}
        >
          <SectionIcon sign={section.sign} />
          <Box sx={{ flex: 1, ml: 1 }}>{section.name}</Box>
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

// On a phone five stand under the thumb; the rest open from the last of them.
const UNDER_THUMB = ["/", "/scout", "/floor", "/market"];

const cell = {
  flex: 1,
  minHeight: 58,
  display: "flex",
  flexDirection: "column",
  alignItems: "center",
  justifyContent: "center",
  gap: 0.25,
  fontSize: 14,
  color: "text.primary",
  textDecoration: "none",
} as const;

const marked = {
  fontWeight: 600,
  color: "primary.main",
  boxShadow: "inset 0 4px 0 var(--k-palette-primary-main)",
} as const;

export function PhoneBar() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const { pathname } = useLocation();
  const others = SECTIONS.filter((section) => !UNDER_THUMB.includes(section.to));
  const within = others.some((section) => pathname.startsWith(section.to));
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
      {SECTIONS.filter((section) => UNDER_THUMB.includes(section.to)).map((section) => (
        <Box
          key={section.to}
          component={NavLink}
          to={section.to}
          end={section.to === "/"}
          sx={{ ...cell, '&[aria-current="page"]': marked }}
        >
          <SectionIcon sign={section.sign} />
          {section.name}
        </Box>
      ))}
      <ButtonBase
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ ...cell, font: "inherit", ...(within ? marked : {}) }}
      >
        <SectionIcon sign="more" />
        <Box component="span" sx={{ fontSize: 14 }}>
          More
        </Box>
      </ButtonBase>
      <Menu
        anchorEl={anchor}
        open={anchor !== null}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: "top", horizontal: "right" }}
        transformOrigin={{ vertical: "bottom", horizontal: "right" }}
      >
        {others.map((section) => (
          <MenuItem
            key={section.to}
            component={Link}
            to={section.to}
            selected={pathname.startsWith(section.to)}
            onClick={() => setAnchor(null)}
            sx={{ gap: 1.5, minHeight: 48 }}
          >
            <SectionIcon sign={section.sign} />
            {section.name}
          </MenuItem>
        ))}
      </Menu>
    </Box>
  );
}
