// One recorded thing in a list: its day, what it is, its amount; it can be corrected or taken away.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { ReactNode } from "react";

type Props = {
  day: string;
  // What it is called where its buttons are read aloud.
  name: string;
  children: ReactNode;
  amount?: string;
  onCorrect?: () => void;
  onRemove?: () => void;
  removeWord?: string;
  // Something more that can be done.
  extra?: ReactNode;
};

export function Entry({ day, name, children, amount, onCorrect, onRemove, removeWord = "Remove", extra }: Props) {
  return (
    <Box
      component="li"
      sx={{
        display: "flex",
        flexWrap: "wrap",
        columnGap: 2,
        alignItems: "center",
        borderBottom: 1,
        borderColor: "divider",
        minHeight: 44,
      }}
    >
      <Box sx={{ minWidth: 104, color: "text.secondary" }}>{day}</Box>
      <Box sx={{ flex: "1 1 170px" }}>{children}</Box>
      {amount !== undefined && <Box sx={{ minWidth: 80, textAlign: "right", fontWeight: 500 }}>{amount}</Box>}
      <Box className="no-print" sx={{ minWidth: 158, textAlign: "right" }}>
        {extra}
        {onCorrect && (
          <Button size="small" onClick={onCorrect} aria-label={`Correct ${name}`}>
            Correct
          </Button>
        )}
        {onRemove && (
          <Button size="small" color="inherit" onClick={onRemove} aria-label={`${removeWord} ${name}`}>
            {removeWord}
          </Button>
        )}
      </Box>
    </Box>
  );
}

export function Entries({ children }: { children: ReactNode }) {
  return (
    <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
      {children}
    </Box>
  );
}
