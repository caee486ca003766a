// The head of a screen: its name or the sentence that answers, one line with its figures, and what can be done.
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { type ReactNode, useEffect } from "react";
import { Row } from "./layout";
import { t } from "../locales/kit";

type Props = { title: string; name?: string; line?: ReactNode; children?: ReactNode };

// name: of the screen, where its title is a sentence.
export function PageHead({ title, name = title, line, children }: Props) {
  useEffect(() => {
    document.title = t("pageHead.kohlrabi", { name });
  }, [name]);
  return (
    <Row gap={2} align="flex-start" sx={{ mb: 2 }}>
      <Box sx={{ flex: "1 1 320px" }}>
        <Typography variant="h1">{title}</Typography>
        {line && (
          <Typography component="div" sx={{ color: "text.secondary" }}>
            {line}
          </Typography>
        )}
      </Box>
      <Row className="no-print" align="stretch">
        {children}
      </Row>
    </Row>
  );
}
