// The step to do now, large: where on the piece, how long, with what, and why this one.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type ReactNode, useState } from "react";
import { Link } from "react-router";
import type { ScheduledStep, Today } from "../../api/types";
import { Chips } from "../../kit/Chips";
import { Drawing } from "../../kit/Drawing";
import { Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/bench";

type Props = { row: ScheduledStep; lit: Today["now"]["lit"]; children: ReactNode };

export function NowFirst({ row, lit, children }: Props) {
  const [open, setOpen] = useState(false);
  const last = row.in_parts ? t("nowFirst.of", { time: row.time?.text, whole: row.whole?.text }) : row.time?.text;
  return (
    <Row data-now={row.id} wrap={false} sx={{ gap: { xs: 2, md: 3 }, py: 1 }}>
      {lit && (
        <Box sx={{ width: { xs: 104, md: 190 }, flexShrink: 0 }}>
          <Drawing shape={lit.drawing} width={190} height={150} lit={lit.zones} />
        </Box>
      )}
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Quiet>
          <Link to={`/pieces/${row.piece.id}`}>{row.piece.name}</Link>
          {` · ${last}`}
        </Quiet>
        <Box sx={{ fontSize: { xs: 22, md: 26 }, fontWeight: 600, lineHeight: 1.2, mb: 0.75 }}>{row.label}</Box>
        <Chips
          texts={[
            row.where,
            row.place !== "at the bench" && row.place,
            ...row.materials,
            row.wait && t("nowFirst.thenWait", { wait: row.wait }),
          ]}
        />
        <Row sx={{ mt: 1.5 }}>
          {children}
          <Button
            onClick={() => setOpen(!open)}
            aria-expanded={open}
            aria-label={t("nowFirst.why", { value: row.label })}
          >
            {t("nowFirst.why2")}
          </Button>
          <Button component={Link} to={`/pieces/${row.piece.id}/plan`}>
            {t("nowFirst.plan")}
          </Button>
        </Row>
        {open && (
          <Box component="ul" sx={{ m: 0, mt: 1, pl: 2.5, color: "text.secondary" }}>
            {row.why.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </Box>
        )}
      </Box>
    </Row>
  );
}
