// What now: the first step that fits, large, with its place on the piece lit; then the rest of the time at hand.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Fragment, lazy, Suspense, type ReactNode, useState } from "react";
import { Link } from "react-router";
import type { AtHand } from "../../api/queries";
import type { Person, ScheduledStep, Today } from "../../api/types";
import { LeadAnswers } from "../../kit/LeadAnswers";
import { Part } from "../../kit/Part";
import { useStartStep } from "../../kit/useStartStep";
import { words } from "./atHand";
import { NowFirst } from "./NowFirst";
import { RowMenu } from "../../kit/RowMenu";
import { PlainList } from "../../kit/layout";
import { t } from "../../locales/bench";

const AtHandChoice = lazy(() => import("./AtHandChoice"));

type Props = { now: Today["now"]; people: Person[]; busy: number[]; onChange: (atHand: AtHand) => void };

export function NowPart({ now, people, busy, onChange }: Props) {
  const [start, questions] = useStartStep();
  const taken = busy.includes(now.person_id);
  const [first, ...rest] = now.rows;
  const starter = (row: ScheduledStep, large: boolean) => (
    <>
      {row.step === "lead" && <LeadAnswers piece={row.piece} />}
      <Button
        variant={large ? "contained" : "outlined"}
        size={large ? "large" : "medium"}
        disabled={taken || row.running}
        onClick={() => start({ piece_id: row.piece.id, step: row.step, label: row.label, person_id: now.person_id })}
        aria-label={t("nowPart.start", { value: row.label, piece: row.piece.name })}
      >
        {t("nowPart.start2")}
      </Button>
    </>
  );
  return (
    <Part
      title={t("nowPart.whatNow")}
      action={
        <Suspense fallback={<Box sx={{ minHeight: 56 }} />}>
          <AtHandChoice now={now} people={people} onChange={onChange} />
        </Suspense>
      }
    >
      {now.stopped.length > 0 && (
        <Box sx={{ py: 1.5, color: "text.secondary" }}>
          {t("nowPart.suggestingWork")}{" "}
          {now.stopped.map(({ id, name }, place) => (
            <Fragment key={id}>
              {place > 0 && ", "}
              <Link to={`/pieces/${id}`}>{name}</Link>
            </Fragment>
          ))}
          {t("nowPart.becauseSellingGivingUp")}
        </Box>
      )}
      {!first ? (
        <Box sx={{ py: 1.5 }}>
          {t("nowPart.nothingDoRightNow", { minutes: words(now.minutes) })} <Link to="/week">{t("nowPart.week")}</Link>
          {t("nowPart.chooseLookPieceDoesnt")}
        </Box>
      ) : (
        <>
          <NowFirst row={first} lit={now.lit}>
            {starter(first, true)}
          </NowFirst>
          {rest.length > 0 && (
            <>
              <Box component="h3" sx={{ fontSize: 15, fontWeight: 500, color: "text.secondary", m: 0, mt: 2 }}>
                {t("nowPart.next", { minutes: words(now.minutes) })}
              </Box>
              <PlainList component="ol">
                {rest.map((row) => (
                  <NowRow key={row.id} row={row}>
                    {starter(row, false)}
                  </NowRow>
                ))}
              </PlainList>
            </>
          )}
        </>
      )}
      {questions}
    </Part>
  );
}

// A step that follows in the time at hand: how long, what, on which piece; why it stands here is in its menu.
function NowRow({ row, children }: { row: ScheduledStep; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const facts = [
    row.where,
    row.place !== "at the bench" && row.place,
    row.materials.join(", "),
    row.wait && t("nowPart.thenWait", { wait: row.wait }),
  ].filter(Boolean);
  return (
    <Box component="li" sx={{ borderBottom: 1, borderColor: "divider", py: 0.75 }}>
      <Box sx={{ display: "flex", columnGap: 1.5, alignItems: "center" }}>
        <Box sx={{ minWidth: 62, fontWeight: 600 }}>
          {row.time?.text}
          {row.in_parts && (
            <Box sx={{ color: "text.secondary", fontWeight: 400, fontSize: 14 }}>
              {t("nowPart.of", { whole: row.whole?.text })}
            </Box>
          )}
        </Box>
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Box sx={{ fontWeight: 500 }}>{row.label}</Box>
          <Box sx={{ color: "text.secondary", fontSize: 15 }}>
            <Link to={`/pieces/${row.piece.id}`}>{row.piece.name}</Link>
            {facts.length > 0 && ` · ${facts.join(" · ")}`}
          </Box>
        </Box>
        {children}
        <RowMenu
          name={row.label}
          actions={[
            { label: open ? t("nowPart.hideWhy") : t("nowPart.whyOrder"), run: () => setOpen(!open) },
            { label: t("nowPart.openPlan"), to: `/pieces/${row.piece.id}/plan` },
            { label: t("nowPart.moveWeek"), to: "/week" },
          ]}
        />
      </Box>
      {open && (
        <Box component="ul" sx={{ m: 0, pl: 10, color: "text.secondary" }}>
          {row.why.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
      )}
    </Box>
  );
}
