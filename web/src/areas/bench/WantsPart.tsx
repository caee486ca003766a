// What needs a decision: offers, price steps, pick-ups, tags to look at, what the next steps are short of. A line each.
import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Today } from "../../api/types";
import { Part } from "../../kit/Part";
import { PlainList } from "../../kit/layout";
import { QuestionLine } from "./QuestionLine";
import { t } from "../../locales/bench";

type Props = {
  questions: Today["questions"];
  wants: Today["market"];
  tags: Today["tags"];
  short: string[];
  currency: string;
};

function Line({ tone, children }: { tone?: string; children: ReactNode }) {
  return (
    <Box
      component="li"
      sx={{
        borderBottom: 1,
        borderColor: "divider",
        borderLeft: 4,
        borderLeftColor: tone ?? "divider",
        pl: 1.25,
        py: 1,
      }}
    >
      {children}
    </Box>
  );
}

const quiet = { color: "text.secondary" } as const;

export function WantsPart({ questions, wants, tags, short, currency }: Props) {
  if (questions.length + wants.length + tags.length + short.length === 0) return null;
  return (
    <Part title={t("wantsPart.needsDecision")}>
      <PlainList>
        {questions.map((question) => (
          <Line key={question.id} tone="warning.main">
            <QuestionLine question={question} />
          </Line>
        ))}
        {wants.map(({ piece, text }, place) => (
          <Line key={place} tone="secondary.main">
            <Box sx={{ fontWeight: 600 }}>
              <Link to="/market">{text}</Link>
            </Box>
            <Box sx={quiet}>{piece.name}</Box>
          </Line>
        ))}
        {short.map((line) => (
          <Line key={line} tone="warning.main">
            {line} <Link to="/shelf/shopping">{t("wantsPart.buyToday")}</Link>
          </Line>
        ))}
        {tags.map((tag) => (
          <Line key={tag.id} tone={tag.due ? "warning.main" : undefined}>
            <Box sx={{ fontWeight: 600 }}>
              <Link to={`/scout/${tag.id}`}>{tag.title}</Link>
              {t("wantsPart.checkPrice", { more: tag.due ? "now" : tag.on?.text })}
            </Box>
            <Box sx={quiet}>
              {[tag.source, tag.tag && t("wantsPart.lastSeen", { tag: tag.tag.text, currency }), tag.why]
                .filter(Boolean)
                .join(" · ")}
            </Box>
          </Line>
        ))}
      </PlainList>
    </Part>
  );
}
