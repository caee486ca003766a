// Several things to tick off with a tap each, the likely ones ticked in advance; one tap for none of them.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import Typography from "@mui/material/Typography";
import { useId } from "react";
import { Row } from "./layout";

export type Tickable = { key: string; label: string; hint?: string | undefined };

type Props = {
  question: string;
  rows: Tickable[];
  ticked: ReadonlySet<string>;
  onChange: (ticked: ReadonlySet<string>) => void;
  // What the button says that ticks nothing.
  none: string;
};

export function TickBoxes({ question, rows, ticked, onChange, none }: Props) {
  const id = useId();
  const turn = (key: string) => {
    const next = new Set(ticked);
    if (!next.delete(key)) next.add(key);
    onChange(next);
  };
  return (
    <Box role="group" aria-labelledby={id}>
      <Typography id={id} variant="caption" component="div" sx={{ color: "text.secondary", mb: 0.5 }}>
        {question}
      </Typography>
      <Row gap={0.75} align="stretch">
        {rows.map(({ key, label, hint }) => (
          <ToggleButton
            key={key}
            value={key}
            size="small"
            color="primary"
            selected={ticked.has(key)}
            onChange={() => turn(key)}
            sx={{ textTransform: "none", minHeight: 44, textAlign: "left", lineHeight: 1.25 }}
          >
            {`${ticked.has(key) ? "✓ " : ""}${label}${hint ? `, ${hint}` : ""}`}
          </ToggleButton>
        ))}
        <Button color="inherit" disabled={ticked.size === 0} onClick={() => onChange(new Set())}>
          {none}
        </Button>
      </Row>
    </Box>
  );
}
