// The figures that stay in view while one reads on, with what is recorded most beside them.
import Box from "@mui/material/Box";
import type { Figure, Piece, Workshop } from "../../api/types";
import { label } from "../../kit/theme";
import { unitOf } from "../../kit/Figures";
import { PieceBar } from "./PieceBar";
import ButtonBase from "@mui/material/ButtonBase";
import Tooltip from "@mui/material/Tooltip";
import type { ReactNode } from "react";
import { type Word, WORDS } from "../../kit/words";

// A word with a dotted line: what it means, at a tap, a touch of the mouse or by the keyboard.
function Explained({ word, children }: { word: Word; children?: ReactNode }) {
  const [term, meaning] = WORDS[word];
  return (
    <Tooltip title={meaning} describeChild enterTouchDelay={0} leaveTouchDelay={6000}>
      <ButtonBase
        component="span"
        sx={{
          font: "inherit",
          letterSpacing: "inherit",
          color: "inherit",
          minHeight: 24,
          textDecoration: "underline dotted",
          textUnderlineOffset: 3,
          cursor: "help",
        }}
      >
        {children ?? term}
      </ButtonBase>
    </Tooltip>
  );
}

// A label of a figure, explained where its word is one of the house's.
const Labelled = ({ name, label }: { name: string; label: string }) =>
  name in WORDS ? <Explained word={name as Word}>{label}</Explained> : label;

const KEYS = ["cash_in", "hours", "cash_profit", "hourly_pay"];

function Key({ figure }: { figure: Figure }) {
  return (
    <Box sx={{ minWidth: 0 }} data-key={figure.key}>
      <Box sx={{ ...label, fontSize: 13, color: "text.secondary", whiteSpace: "nowrap" }}>
        <Labelled name={figure.key} label={figure.label} />
        {figure.text && unitOf(figure) && ` ${unitOf(figure)}`}
      </Box>
      <Box sx={{ fontWeight: 600, fontSize: 18, color: (figure.minor ?? 0) < 0 ? "error.main" : "text.primary" }}>
        {figure.text}
      </Box>
    </Box>
  );
}

// What cannot exist yet, such as the profit of a piece that is not sold, is not shown.
export function KeyFigures({ piece, workshop }: { piece: Piece; workshop: Workshop }) {
  const turnaround = piece.turnaround.find((figure) => figure.key === "turnaround");
  const shown = [...KEYS.map((key) => piece.figures.find((figure) => figure.key === key)), turnaround].filter(
    (figure): figure is Figure => !!figure?.text,
  );
  return (
    <Box
      sx={{
        position: { md: "sticky" },
        top: 0,
        zIndex: 5,
        bgcolor: "background.paper",
        borderTop: 2,
        borderBottom: 1,
        borderColor: "text.primary",
        px: { xs: 1, md: 2 },
        py: 1,
        mb: 3,
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        columnGap: { xs: 3, md: 4 },
        rowGap: 1,
      }}
    >
      {shown.map((figure) => (
        <Key key={figure.key} figure={figure} />
      ))}
      <Box sx={{ ml: "auto" }}>
        <PieceBar piece={piece} workshop={workshop} />
      </Box>
    </Box>
  );
}
