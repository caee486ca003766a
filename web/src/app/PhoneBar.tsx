// The sections under the thumb on a phone: five, and the rest behind the last of them.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { Link, NavLink, useLocation } from "react-router";
import type { Timer } from "../api/types";
import { useOpen } from "../kit/session/open";
import { SectionIcon } from "../kit/SectionIcon";
import { Ticking } from "../kit/Ticking";
import { SECTIONS } from "./Rail";

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

// running: a timer, whose time stands in place of Today's sign, in view everywhere.
export function PhoneBar({ running }: { running: Timer | undefined }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const open = useOpen();
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
          {running && section.to === "/" ? (
            <Box component="span" data-running sx={{ color: "primary.main", "& [role=timer]": { fontSize: 18 } }}>
              <Ticking timer={running} />
            </Box>
          ) : (
            <SectionIcon sign={section.sign} />
          )}
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
        <MenuItem
          onClick={() => {
            setAnchor(null);
            open.find();
          }}
          sx={{ minHeight: 48 }}
        >
          Find anything
        </MenuItem>
        <MenuItem
          onClick={() => {
            setAnchor(null);
            open.undoList();
          }}
          sx={{ minHeight: 48 }}
        >
          Done this session
        </MenuItem>
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
        <MenuItem component={Link} to="/how" onClick={() => setAnchor(null)} sx={{ minHeight: 48 }}>
          How it all fits together
        </MenuItem>
      </Menu>
    </Box>
  );
}
