// A small button at the foot of the rail, that says what it stands at.
import ButtonBase from "@mui/material/ButtonBase";
import type { ReactNode } from "react";
import { label } from "./theme";

export function QuietButton({ onClick, children }: { onClick: () => void; children: ReactNode }) {
  const look = {
    ...label,
    px: 1,
    minHeight: 32,
    width: "100%",
    justifyContent: "flex-start",
    textAlign: "left",
    fontSize: 14,
    color: "text.secondary",
  };
  return (
    <ButtonBase onClick={onClick} sx={look}>
      {children}
    </ButtonBase>
  );
}
