// The sections as a rail on a wide screen, with what is found and undone from anywhere.
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { Link, NavLink } from "react-router";
import type { Timer } from "../api/types";
import { Ticking } from "../kit/Ticking";
import { useOpen } from "../kit/session/open";
import { QuietButton } from "../kit/QuietButton";
import { SchemeSwitch } from "../kit/SchemeSwitch";
import { SectionIcon, type Sign } from "../kit/SectionIcon";
import { label } from "../kit/theme";
import { t } from "../locales/app";

export const SECTIONS = [
  { to: "/", key: "1", name: t("rail.today"), sign: "today" as Sign },
  { to: "/scout", key: "2", name: t("rail.scout"), sign: "scout" as Sign },
  { to: "/floor", key: "3", name: t("rail.floor"), sign: "floor" as Sign },
  { to: "/shelf", key: "4", name: t("rail.shelf"), sign: "shelf" as Sign },
  { to: "/market", key: "5", name: t("rail.market"), sign: "market" as Sign },
  { to: "/books", key: "6", name: t("rail.books"), sign: "books" as Sign },
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
      aria-label={t("rail.sections")}
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
        {t("rail.kohlrabi")}
      </Typography>
      <ButtonBase
        onClick={open.find}
        aria-label={t("rail.findPiecesStepsCans")}
        sx={{
          mx: 1.5,
          mb: 1.5,
          px: 1.25,
          minHeight: 38,
          border: 1,
          borderColor: "divider",
          borderRadius: 5,
          bgcolor: "background.paper",
          justifyContent: "space-between",
          font: "inherit",
          color: "text.secondary",
        }}
      >
        <span>{t("rail.find")}</span>
        <Box component="kbd" aria-hidden sx={{ ...label, fontSize: 13 }}>
          /
        </Box>
      </ButtonBase>
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
          {t("rail.demoMadeUpWorkshop")}
        </Typography>
      )}
      <Box sx={{ px: 1.25, pb: 1.5 }}>
        <QuietButton onClick={open.undoList}>{t("rail.doneSession")}</QuietButton>
        <SchemeSwitch />
        <QuietButton onClick={open.shortcuts}>{t("rail.keyboardShortcuts")}</QuietButton>
      </Box>
    </Box>
  );
}
