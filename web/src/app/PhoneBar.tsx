// The sections under the thumb on a phone: five, and the rest behind the last of them.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import { lazy, Suspense, useState } from "react";
import { NavLink, useLocation } from "react-router";
import type { Timer } from "../api/types";
import { useOpen } from "../kit/session/open";
import { SectionIcon } from "../kit/SectionIcon";
import { Ticking } from "../kit/Ticking";
import { SECTIONS } from "./Rail";
import { t } from "../locales/app";

const PopMenu = lazy(() => import("../kit/PopMenu"));

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
      aria-label={t("phoneBar.sections")}
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
          {t("phoneBar.more")}
        </Box>
      </ButtonBase>
      {anchor && (
        <Suspense fallback={null}>
          <PopMenu
            anchor={anchor}
            close={() => setAnchor(null)}
            anchorOrigin={{ vertical: "top", horizontal: "right" }}
            transformOrigin={{ vertical: "bottom", horizontal: "right" }}
            actions={[
              { label: t("phoneBar.findAnything"), run: open.find },
              { label: t("phoneBar.doneSession"), run: open.undoList },
              ...others.map(({ to, name, sign }) => ({
                label: name,
                to,
                sign: <SectionIcon sign={sign} />,
                selected: pathname.startsWith(to),
              })),
              { label: t("phoneBar.howWorks"), to: "/how" },
            ]}
          />
        </Suspense>
      )}
    </Box>
  );
}
