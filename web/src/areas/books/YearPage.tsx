// A year: what is aimed at and how it goes, and the money of the workshop that belongs to no flip.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import LinearProgress from "@mui/material/LinearProgress";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, ask } from "../../api/client";
import { useWorkshop, useYear } from "../../api/queries";
import { useUndo } from "../../kit/session/undo";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { Figures } from "../../kit/Figures";
import { FormDialog } from "../../kit/FormDialog";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { BOOKS_PAGES } from "../../kit/sections";
import { SmallTable } from "../../kit/SmallTable";
import { SubNav } from "../../kit/SubNav";
import { PaceBars } from "./PaceBars";
import { KEPT, useBooksFilter } from "./useBooksFilter";
import { PlainList, Quiet } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/books";

const KINDS = [
  { key: "tool", label: t("yearPage.tool") },
  { key: "overhead", label: t("yearPage.overheadRentPowerInsurance") },
  { key: "filming", label: t("yearPage.filming") },
  { key: "gift", label: t("yearPage.gift") },
  { key: "other", label: t("yearPage.otherIncome") },
];

export default function YearPage() {
  const { filter, set } = useBooksFilter();
  const wanted = /^\d{4}$/.test(filter.year ?? "") ? Number(filter.year) : new Date().getFullYear();
  const year = useYear(wanted);
  const workshop = useWorkshop();
  const [asked, setAsked] = useState<"goals" | "entry" | null>(null);
  const save = useSave();
  const { done, remove } = useUndo();
  if (year.error && !isKept(year)) return <Failure error={year.error} again={() => void year.refetch()} />;
  if (!year.data || !workshop.data) return <LinearProgress aria-label={t("yearPage.loading")} />;
  const currency = workshop.data.symbol;
  const { goals, typed, entries, sums, filming, left } = year.data;
  return (
    <>
      <PageHead title={t("yearPage.year", { year: year.data.year })} line={t("yearPage.goalsHowDoingMoney")}>
        <TextField
          label={t("yearPage.year2")}
          type="number"
          value={wanted}
          onChange={(event) => /^\d{4}$/.test(event.target.value) && set({ year: event.target.value })}
          sx={{ width: 110 }}
        />
      </PageHead>
      <SubNav name={t("yearPage.books")} pages={BOOKS_PAGES} keep={KEPT} />
      <Part
        title={t("yearPage.goals")}
        action={<Button onClick={() => setAsked("goals")}>{t("yearPage.setGoals")}</Button>}
      >
        <PaceBars goals={goals} />
        <SmallTable
          label={t("yearPage.goals")}
          columns={[
            t("yearPage.aim"),
            [t("yearPage.goal")],
            [t("yearPage.soFar")],
            [t("yearPage.course")],
            t("yearPage.howGoing"),
          ]}
          rows={goals.map((goal) => ({
            key: goal.key,
            cells: [
              goal.key === "pieces" ? goal.label : `${goal.label} (${currency})`,
              goal.goal ?? "none",
              goal.so_far ?? t("yearPage.yet"),
              goal.heading ?? "–",
              <>
                {goal.text}
                {goal.needed && <Quiet>{t("yearPage.need", { needed: goal.needed })}</Quiet>}
              </>,
            ],
          }))}
        />
      </Part>
      <Part
        title={t("yearPage.moneyOutsideFlips")}
        action={<Button onClick={() => setAsked("entry")}>{t("yearPage.addMoney")}</Button>}
      >
        <Figures figures={[left]} notes={{ left: t("yearPage.toolsOverheadFilmingGifts") }} />
        {sums.length > 0 && (
          <Typography sx={{ my: 1 }}>
            {sums.map((sum) => `${sum.label} ${sum.spent ? "−" : ""}${sum.amount?.text}`).join(" · ")}
            {filming && filming.seconds > 0 && t("yearPage.filmingHourlyPay", { filming: filming.text })}
          </Typography>
        )}
        {entries.length === 0 ? (
          <Typography sx={{ color: "text.secondary", mt: 1 }}>{t("yearPage.nothingHereYetAdd")}</Typography>
        ) : (
          <SmallTable
            label={t("yearPage.moneyOutsideFlips2")}
            columns={[
              t("yearPage.date"),
              t("yearPage.what"),
              t("yearPage.kind"),
              [t("yearPage.amount", { currency })],
              "",
            ]}
            rows={entries.map((entry) => ({
              key: entry.id,
              cells: [
                entry.on?.text,
                entry.what,
                entry.kind_label,
                entry.amount?.bare,
                <IconButton
                  key="remove"
                  className="no-print"
                  aria-label={t("yearPage.remove", { what: entry.what })}
                  onClick={() =>
                    void remove(api.DELETE("/api/workshop-entries/{id}", { params: { path: { id: entry.id } } }))
                  }
                >
                  <Box component="span" aria-hidden>
                    ×
                  </Box>
                </IconButton>,
              ],
            }))}
          />
        )}
      </Part>
      <Box className="no-print">
        <ExportsPart year={wanted} />
      </Box>
      {asked === "goals" && (
        <FormDialog
          title={t("yearPage.goals2", { wanted })}
          submit={t("yearPage.setGoals")}
          fields={[
            {
              name: "profit",
              label: t("yearPage.profit"),
              kind: "text",
              unit: currency,
              half: true,
              help: t("yearPage.leaveBlankGoal"),
            },
            { name: "hourly", label: t("yearPage.hourlyPay"), kind: "text", unit: currency, half: true },
            { name: "pieces", label: t("yearPage.piecesSold"), kind: "text", half: true },
          ]}
          initial={typed}
          onClose={() => setAsked(null)}
          onSubmit={async (values) => {
            await ask(api.PUT("/api/years/{year}/goals", { params: { path: { year: wanted } }, body: values }));
            done(t("yearPage.goalsSet", { wanted }));
            setAsked(null);
          }}
        />
      )}
      {asked === "entry" && (
        <FormDialog
          title={t("yearPage.moneyOutsideFlips2")}
          submit={t("yearPage.add")}
          fields={[
            { name: "what", label: t("yearPage.what"), kind: "text" },
            { name: "kind", label: t("yearPage.kind"), kind: "select", options: KINDS },
            { name: "amount", label: t("yearPage.amount2"), kind: "text", unit: currency, half: true },
            { name: "on", label: t("yearPage.date2"), kind: "date", half: true },
          ]}
          initial={{ kind: "tool" }}
          onClose={() => setAsked(null)}
          onSubmit={async ({ what = "", kind = "", amount = "", on = "" }) => {
            await save(api.POST("/api/workshop-entries", { body: { what, kind, amount, on } }), (made) =>
              t("yearPage.added", { what: made.what }),
            );
            setAsked(null);
          }}
        />
      )}
    </>
  );
}

// Files of Books for other programs and other people.
function ExportsPart({ year }: { year: number }) {
  const files = [
    {
      href: "/api/export/flips.csv",
      label: t("yearPage.flipsCsv"),
      note: t("yearPage.oneRowPerFlip"),
    },
    { href: "/api/export/costs.csv", label: t("yearPage.costsCsv"), note: t("yearPage.everyCostPiece") },
    { href: "/api/export/hours.csv", label: t("yearPage.hoursCsv"), note: t("yearPage.allRecordedHoursPerson") },
    { href: "/api/export/sales.csv", label: t("yearPage.salesCsv"), note: t("yearPage.feesDeliveryTipsRefunds") },
    {
      href: "/api/export/books.journal",
      label: t("yearPage.accountingJournal"),
      note: t("yearPage.doubleEntryBookkeepingPlain"),
    },
    {
      href: `/api/export/tax/${year}`,
      label: t("yearPage.taxYear", { year }),
      note: t("yearPage.purchasesCostsSalesMileage"),
    },
    { href: `/api/export/year/${year}`, label: t("yearPage.summaryPdf", { year }), note: t("yearPage.print") },
  ];
  return (
    <Part title={t("yearPage.files")}>
      <PlainList>
        {files.map((file) => (
          <Box
            component="li"
            key={file.href}
            sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "center" }}
          >
            <Button component="a" href={file.href} download sx={{ minWidth: 200, justifyContent: "flex-start" }}>
              {file.label}
            </Button>
            <Typography sx={{ color: "text.secondary" }}>{file.note}</Typography>
          </Box>
        ))}
      </PlainList>
    </Part>
  );
}
