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

const KINDS = [
  { key: "tool", label: "Tool" },
  { key: "overhead", label: "Overhead (rent, power, insurance)" },
  { key: "filming", label: "Filming" },
  { key: "gift", label: "Gift" },
  { key: "other", label: "Other income" },
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
  if (!year.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const currency = workshop.data.currency;
  const { goals, typed, entries, sums, filming, left } = year.data;
  return (
    <>
      <PageHead
        title={`The year ${year.data.year}`}
        line="Goals with their pace, money that belongs to no flip, and files for others."
      >
        <TextField
          label="Year"
          type="number"
          value={wanted}
          onChange={(event) => /^\d{4}$/.test(event.target.value) && set({ year: event.target.value })}
          sx={{ width: 110 }}
        />
      </PageHead>
      <SubNav name="Books" pages={BOOKS_PAGES} keep={KEPT} />
      <Part title="Goals" action={<Button onClick={() => setAsked("goals")}>Set goals</Button>}>
        <PaceBars goals={goals} />
        <SmallTable
          label="Goals"
          columns={["Aim", ["Goal"], ["So far"], ["Leads to"], "How it goes"]}
          rows={goals.map((goal) => ({
            key: goal.key,
            cells: [
              goal.key === "pieces" ? goal.label : `${goal.label}, ${currency}`,
              goal.goal ?? "none",
              goal.so_far ?? "not yet",
              goal.heading ?? "–",
              <>
                {goal.text}
                {goal.needed && <Quiet>{`needs ${goal.needed}`}</Quiet>}
              </>,
            ],
          }))}
        />
      </Part>
      <Part title="Apart from flips" action={<Button onClick={() => setAsked("entry")}>Note money</Button>}>
        <Figures
          figures={[left]}
          currency={currency}
          notes={{ left: "tools, overhead, filming and gifts count here and in no flip" }}
        />
        {sums.length > 0 && (
          <Typography sx={{ my: 1 }}>
            {sums.map((sum) => `${sum.label} ${sum.spent ? "−" : ""}${sum.amount?.text}`).join(" · ")}
            {filming && filming.seconds > 0 && ` · ${filming.text} of filming, in no pay`}
          </Typography>
        )}
        {entries.length === 0 ? (
          <Typography sx={{ color: "text.secondary", mt: 1 }}>
            Nothing noted. A sander bought for the workshop, the power bill, what a film brought: it is set against the
            year and kept out of flips.
          </Typography>
        ) : (
          <SmallTable
            label="Money apart from flips"
            columns={["When", "What", "Kind", [`Amount, ${currency}`], ""]}
            rows={entries.map((entry) => ({
              key: entry.id,
              cells: [
                entry.on?.text,
                entry.what,
                entry.kind_label,
                entry.amount?.text,
                <IconButton
                  key="remove"
                  className="no-print"
                  aria-label={`Remove ${entry.what}`}
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
          title={`Goals for ${wanted}`}
          submit="Set goals"
          fields={[
            {
              name: "profit",
              label: "Profit",
              kind: "text",
              unit: currency,
              half: true,
              help: "leave blank for no goal",
            },
            { name: "hourly", label: "Hourly pay", kind: "text", unit: currency, half: true },
            { name: "pieces", label: "Pieces sold", kind: "text", half: true },
          ]}
          initial={typed}
          onClose={() => setAsked(null)}
          onSubmit={async (values) => {
            await ask(api.PUT("/api/years/{year}/goals", { params: { path: { year: wanted } }, body: values }));
            done(`Goals for ${wanted} set`);
            setAsked(null);
          }}
        />
      )}
      {asked === "entry" && (
        <FormDialog
          title="Money apart from flips"
          submit="Note it"
          fields={[
            { name: "what", label: "What", kind: "text" },
            { name: "kind", label: "Kind", kind: "select", options: KINDS },
            { name: "amount", label: "Amount", kind: "text", unit: currency, half: true },
            { name: "on", label: "Date", kind: "date", half: true },
          ]}
          initial={{ kind: "tool" }}
          onClose={() => setAsked(null)}
          onSubmit={async ({ what = "", kind = "", amount = "", on = "" }) => {
            await save(
              api.POST("/api/workshop-entries", { body: { what, kind, amount, on } }),
              (made) => `${made.what} noted`,
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
      label: "Flips as CSV",
      note: "one row a flip, all years; comes in again under “Bring in past flips”",
    },
    { href: "/api/export/costs.csv", label: "Costs as CSV", note: "every share of every cost" },
    { href: "/api/export/hours.csv", label: "Hours as CSV", note: "every stretch of work by person and kind" },
    { href: "/api/export/sales.csv", label: "Sales as CSV", note: "with fees, delivery, tips and refunds" },
    {
      href: "/api/export/books.journal",
      label: "Accounting journal",
      note: "double entry in plain text, in balance; costs stand in inventory until the sale",
    },
    {
      href: `/api/export/tax/${year}`,
      label: `Tax year ${year}`,
      note: "purchases, costs, sales, mileage and stock at both ends; what counts is for your local rules",
    },
    { href: `/api/export/year/${year}`, label: `Summary of ${year} as PDF`, note: "to print" },
  ];
  return (
    <Part title="Files">
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
