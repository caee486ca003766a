// One piece on the floor: its drawing, ticket, days strip, money in, hours, and what comes next or came of it.
import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import visuallyHidden from "@mui/utils/visuallyHidden";
import type { ReactNode } from "react";
import type { PieceRow } from "../../api/types";
import { label } from "../../kit/theme";
import { DaysStrip } from "../../kit/DaysStrip";
import { Drawing } from "../../kit/Drawing";
import { PieceTitle } from "../../kit/PieceTitle";
import { NEXT_EVENT } from "../../kit/stages";
import { t } from "../../locales/flips";

type View = "in_hand" | "archive";

const COLUMNS = { md: "88px minmax(150px, 1.1fr) minmax(220px, 1.4fr) 88px 84px 120px minmax(130px, 0.8fr)" };
const grid = {
  display: "grid",
  gridTemplateColumns: { xs: "76px 1fr 1fr", ...COLUMNS },
  columnGap: 2,
  rowGap: 0.5,
  alignItems: { xs: "start", md: "center" },
  px: 1.25,
};

function Cell({ children, right, sx = {} }: { children: ReactNode; right?: boolean; sx?: object }) {
  return (
    <Box role="cell" sx={{ minWidth: 0, textAlign: { xs: "left", md: right ? "right" : "left" }, ...sx }}>
      {children}
    </Box>
  );
}

export function FloorHead({ view }: { view: View }) {
  const names =
    view === "archive"
      ? [
          "",
          t("floorRow.piece"),
          t("floorRow.days"),
          t("floorRow.spentSoFar"),
          t("floorRow.hours"),
          t("floorRow.profit"),
          t("floorRow.outcome"),
        ]
      : [
          "",
          t("floorRow.piece"),
          t("floorRow.days"),
          t("floorRow.spentSoFar"),
          t("floorRow.hours"),
          t("floorRow.price"),
          t("floorRow.next"),
        ];
  return (
    <Box
      role="row"
      sx={{
        ...grid,
        display: { xs: "none", md: "grid" },
        ...label,
        color: "text.secondary",
        py: 0.75,
        borderBottom: 1,
        borderColor: "divider",
      }}
    >
      {names.map((name, place) => (
        <Box
          role="columnheader"
          key={place}
          sx={{ textAlign: place >= 3 && place <= 5 ? "right" : "left", whiteSpace: "nowrap" }}
        >
          {name || <Box sx={visuallyHidden}>{t("floorRow.drawing")}</Box>}
        </Box>
      ))}
    </Box>
  );
}

// A figure with its name beside it on a phone, where there is no head to name it.
function Named({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <Box
        component="span"
        sx={{ ...label, display: { xs: "block", md: "none" }, color: "text.secondary", fontSize: 13 }}
      >
        {name}
      </Box>
      {children}
    </>
  );
}

const quiet = { color: "text.secondary" };

function Outcome({ row }: { row: PieceRow }) {
  return (
    <>
      <Box>
        {row.hourly_pay
          ? t("floorRow.hour", { hourlypay: row.hourly_pay.text })
          : ["sold", "scrapped", t("floorRow.partedOut"), "lost"].includes(row.stage)
            ? t("floorRow.hourlyPay")
            : row.stage === "split"
              ? t("floorRow.countedParts")
              : t("floorRow.countedHourlyPay")}
      </Box>
      <Box sx={quiet}>{`${row.stage} ${row.ended_on?.text ?? t("floorRow.dateUnknown")}`}</Box>
    </>
  );
}

type Props = {
  row: PieceRow;
  scale: number;
  view: View;
  chosen?: boolean | undefined;
  onChoose?: (() => void) | undefined;
};

// onChoose: where several are chosen at once.
export function FloorRow({ row, scale, view, chosen = false, onChoose }: Props) {
  const loss = (row.cash_profit?.minor ?? 0) < 0;
  return (
    <Box
      role="row"
      data-piece={row.id}
      sx={{ ...grid, py: 1, borderBottom: 1, borderColor: "divider", breakInside: "avoid" }}
    >
      <Cell sx={{ gridRow: { xs: "span 2", md: "auto" }, alignSelf: { xs: "start", md: "center" } }}>
        {onChoose && (
          <Checkbox
            checked={chosen}
            onChange={onChoose}
            slotProps={{ input: { "aria-label": t("floorRow.select", { name: row.name }) } }}
          />
        )}
        <Drawing shape={row.drawing} width={84} height={62} />
        {row.face && (
          <img
            src={row.face}
            alt=""
            width={76}
            height={57}
            loading="lazy"
            style={{ objectFit: "cover", display: "block", marginTop: 4 }}
          />
        )}
      </Cell>
      <Cell sx={{ gridColumn: { xs: "2 / -1", md: "auto" } }}>
        <PieceTitle id={row.id} ticket={row.ticket} name={row.name} line={row.source} />
      </Cell>
      <Cell sx={{ gridColumn: { xs: "2 / -1", md: "auto" } }}>
        <DaysStrip strip={row.strip} scale={scale} end={row.strip.ended ? row.stage : undefined} />
      </Cell>
      <Cell right>
        <Named name={t("floorRow.spentSoFar2")}>
          {row.cash_in?.text ?? <Box sx={quiet}>{t("floorRow.unknown")}</Box>}
        </Named>
      </Cell>
      <Cell right>
        <Named name={t("floorRow.hours")}>
          {row.hours?.text ?? <Box sx={quiet}>{t("floorRow.noneYet")}</Box>}
          {row.budget?.hours && (
            <Box
              sx={{
                color: row.budget.out ? "error.main" : row.budget.short ? "warning.main" : "text.secondary",
                whiteSpace: "nowrap",
              }}
            >
              {row.budget.out
                ? t("floorRow.over", { hours: row.budget.hours.text })
                : t("floorRow.left", { hours: row.budget.hours.text })}
            </Box>
          )}
        </Named>
      </Cell>
      <Cell right>
        {view === "archive" ? (
          <Named name={t("floorRow.profit2")}>
            {row.cash_profit ? (
              <Box sx={{ fontWeight: 600, color: loss ? "error.main" : "text.primary" }}>{row.cash_profit.text}</Box>
            ) : (
              <Box sx={quiet}>{t("floorRow.yet")}</Box>
            )}
          </Named>
        ) : (
          <Named name={t("floorRow.price2")}>
            {row.price ? (
              <>
                {row.price.money?.text}
                <Box sx={quiet}>{row.price.label}</Box>
              </>
            ) : (
              <Box sx={quiet}>{t("floorRow.yet")}</Box>
            )}
          </Named>
        )}
      </Cell>
      <Cell sx={{ gridColumn: { xs: "1 / -1", md: "auto" } }}>
        {view === "archive" ? (
          <Outcome row={row} />
        ) : (
          <>
            {row.next_step ? `${row.next_step.label}, ${row.next_step.time?.text}` : NEXT_EVENT[row.stage]}
            <Box sx={quiet}>
              {row.next_step ? t("floorRow.nextPrice", { stage: row.stage, at: row.next_step.at }) : row.stage}
            </Box>
          </>
        )}
      </Cell>
    </Box>
  );
}
