// A part of a screen under its heavy rule, with a heading and what can be done in it.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { type ReactNode, useId } from "react";
import { Row } from "./layout";

type Props = { title: string; action?: ReactNode; long?: boolean; children: ReactNode };

// long: may be parted over pages on paper.
export function Part({ title, action, long = false, children }: Props) {
  const id = useId();
  return (
    <Box
      component="section"
      aria-labelledby={id}
      sx={{ borderTop: 2, borderColor: "text.primary", pt: 1, mb: 4, breakInside: long ? undefined : "avoid" }}
    >
      <Row sx={{ minHeight: 44 }}>
        <Typography id={id} variant="h2" sx={{ flex: 1 }}>
          {title}
        </Typography>
        <Row className="no-print" wrap={false} align="stretch">
          {action}
        </Row>
      </Row>
      {children}
    </Box>
  );
}
