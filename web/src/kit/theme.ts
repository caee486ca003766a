// The one place where the look is set: the vegetable's palette on a cool light ground, and its evening scheme.
// leaf (primary): work; skin (secondary): money decisions and the market; amber (warning): drying, due; clay (error):
// loss.
import { createTheme } from "@mui/material/styles";

const condensed = '"Barlow Condensed", "Barlow", sans-serif';

export const theme = createTheme({
  cssVariables: { cssVarPrefix: "k", colorSchemeSelector: "data-scheme" },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: "#2F6B3F", contrastText: "#FFFFFF" },
        secondary: { main: "#6A2C70", contrastText: "#FFFFFF" },
        warning: { main: "#8F550A" },
        error: { main: "#A8392C" },
        success: { main: "#2F6B3F" },
        info: { main: "#52605A" },
        text: { primary: "#1E2A24", secondary: "#52605A" },
        background: { default: "#F2F5F0", paper: "#FFFFFF" },
        divider: "#CFD8D1",
      },
    },
    dark: {
      palette: {
        primary: { main: "#86C995", contrastText: "#0F1612" },
        secondary: { main: "#D3A0D9", contrastText: "#1A0F1C" },
        warning: { main: "#E0A24E" },
        error: { main: "#EE8B7E" },
        success: { main: "#86C995" },
        info: { main: "#A6B4AB" },
        text: { primary: "#E6EDE7", secondary: "#A6B4AB" },
        background: { default: "#121915", paper: "#1A231E" },
        divider: "#35423A",
      },
    },
  },
  // Who asked the device for less motion gets none: MUI's own transitions here, all others in the baseline below.
  motion: { reducedMotion: "system" },
  shape: { borderRadius: 3 },
  spacing: 8,
  typography: {
    fontFamily: '"Barlow", "Helvetica Neue", Arial, sans-serif',
    body1: { fontSize: "0.97rem", lineHeight: 1.45 },
    h1: { fontSize: "1.75rem", fontWeight: 600, lineHeight: 1.2 },
    h2: { fontSize: "1.2rem", fontWeight: 600, lineHeight: 1.3 },
    h3: { fontSize: "1rem", fontWeight: 600 },
    caption: { fontFamily: condensed, fontWeight: 500, fontSize: "0.86rem" },
    overline: {
      fontFamily: condensed,
      fontWeight: 600,
      fontSize: "0.84rem",
      textTransform: "none",
      letterSpacing: "0.01em",
      lineHeight: 1.5,
    },
    button: { textTransform: "none", fontWeight: 600 },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: {
        body: { fontVariantNumeric: "tabular-nums" },
        "a:not([class])": {
          color: "inherit",
          textDecorationColor: "var(--k-palette-text-secondary)",
          textUnderlineOffset: "2px",
        },
        "*:focus-visible": { outline: "3px solid var(--k-palette-secondary-main)", outlineOffset: "2px" },
        // A dialog takes the focus as a whole until one of its fields has it: no ring around all of it.
        '[tabindex="-1"]:focus-visible': { outline: "none" },
        "@media (prefers-reduced-motion: reduce)": {
          "*, *::before, *::after": {
            animation: "none !important",
            transition: "none !important",
            scrollBehavior: "auto !important",
          },
        },
        "@media print": { "nav, .no-print": { display: "none !important" }, body: { background: "#fff" } },
      },
    },
    MuiButton: {
      defaultProps: { disableElevation: true, disableRipple: true },
      styleOverrides: { root: { minHeight: 40, "@media (max-width:599px)": { minHeight: 44 } } },
    },
    MuiIconButton: { styleOverrides: { root: { minWidth: 40, minHeight: 40 } } },
    MuiToggleButton: {
      styleOverrides: { root: { color: "var(--k-palette-text-primary)", minHeight: 40, paddingInline: 14 } },
    },
    MuiTextField: { defaultProps: { size: "small", fullWidth: true } },
    MuiPaper: { styleOverrides: { root: { backgroundImage: "none" } } },
    MuiDialog: { defaultProps: { fullWidth: true, maxWidth: "sm" } },
    MuiTableCell: {
      styleOverrides: {
        head: {
          fontFamily: condensed,
          fontWeight: 600,
          color: "var(--k-palette-text-secondary)",
          whiteSpace: "nowrap",
        },
      },
    },
    MuiLink: { defaultProps: { underline: "hover", color: "inherit" } },
    MuiTooltip: { defaultProps: { arrow: false, enterDelay: 400 } },
  },
});

export const label = { fontFamily: condensed, fontWeight: 500 } as const;
