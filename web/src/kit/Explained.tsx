// A word with a dotted line: what it means, at a tap, a touch of the mouse or by the keyboard.
import ButtonBase from "@mui/material/ButtonBase";
import Tooltip from "@mui/material/Tooltip";
import type { ReactNode } from "react";
import { type Word, WORDS } from "./words";

export function Explained({ word, children }: { word: Word; children?: ReactNode }) {
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
export const Labelled = ({ name, label }: { name: string; label: string }) =>
  name in WORDS ? <Explained word={name as Word}>{label}</Explained> : label;
