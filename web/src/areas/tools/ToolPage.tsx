// One bench tool: what is given on the left, the answer with its picture on the right, while one types. The address
// holds all that was typed.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { ProblemError } from "../../api/client";
import { usePieces, useToolAnswer, useTools } from "../../api/queries";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { useSettled } from "../../kit/useSettled";
import { AnswerView } from "./AnswerView";
import { KeepDialog } from "./KeepDialog";
import { Part } from "../../kit/Part";
import InputAdornment from "@mui/material/InputAdornment";
import type { Tool } from "../../api/types";
import { Row } from "../../kit/layout";
import { t } from "../../locales/tools";

// What a tool asks for, each with its unit and, where it cannot be, what is wrong with it.
type Props = {
  tool: Tool;
  values: Record<string, string>;
  errors: Record<string, string>;
  onChange: (name: string, value: string) => void;
};
const WIDE = ["sticks", "sheets", "text", "choice", "product", "lengths"];

function ToolFields({ tool, values, errors, onChange }: Props) {
  return (
    <Box
      component="form"
      aria-label={t("toolPage.figures")}
      onSubmit={(event) => event.preventDefault()}
      sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2 }}
    >
      {tool.fields.map((field) => {
        const select = field.choices.length > 0;
        return (
          <TextField
            key={field.name}
            label={field.label}
            value={values[field.name] ?? ""}
            onChange={(event) => onChange(field.name, event.target.value)}
            error={errors[field.name] !== undefined}
            helperText={errors[field.name] ?? field.help ?? undefined}
            select={select}
            multiline={["sticks", "sheets"].includes(field.kind)}
            autoComplete="off"
            sx={{ gridColumn: WIDE.includes(field.kind) || field.label.length > 24 ? "1 / -1" : "auto" }}
            slotProps={{
              inputLabel: field.unit || values[field.name] ? { shrink: true } : {},
              input: field.unit ? { endAdornment: <InputAdornment position="end">{field.unit}</InputAdornment> } : {},
              htmlInput: select
                ? {}
                : {
                    inputMode: ["length", "number", "count", "area", "volume", "weight", "temperature", "run"].includes(
                      field.kind,
                    )
                      ? "decimal"
                      : "text",
                  },
            }}
          >
            {field.choices.map((one) => (
              <MenuItem key={one.key} value={one.key}>
                {one.label}
              </MenuItem>
            ))}
          </TextField>
        );
      })}
    </Box>
  );
}

export default function ToolPage() {
  const key = useParams().tool ?? "";
  const [query] = useSearchParams();
  const piece = Number(query.get("piece")) || null;
  return <Asked key={`${key} ${piece}`} tool={key} piece={piece} />;
}

function Asked({ tool: key, piece }: { tool: string; piece: number | null }) {
  const [query, setQuery] = useSearchParams();
  // Kept here while one types, and written into the address a moment later.
  const [typed, setTyped] = useState<Record<string, string>>(() => Object.fromEntries(query));
  const settled = useSettled(typed, 200);
  useEffect(() => {
    if (new URLSearchParams(settled).toString() !== query.toString()) setQuery(settled, { replace: true });
  }, [settled, query, setQuery]);
  const tools = useTools(piece);
  const pieces = usePieces({ view: "in_hand", sort: "stage", descending: false, per: 100 });
  const [keeping, setKeeping] = useState(false);
  const tool = tools.data?.groups.flatMap((group) => group.tools).find((one) => one.key === key);
  const values = Object.fromEntries(
    (tool?.fields ?? []).map((field) => [field.name, typed[field.name] ?? field.value]),
  );
  const answer = useToolAnswer(key, useSettled(JSON.stringify(values), 200), tool !== undefined);
  if (tools.error && !isKept(tools)) return <Failure error={tools.error} again={() => void tools.refetch()} />;
  if (!tools.data) return <LinearProgress aria-label={t("toolPage.loading")} />;
  if (!tool)
    return (
      <Box>
        {t("toolPage.theresToolName")} <Link to="/tools">{t("toolPage.allTools")}</Link>
      </Box>
    );
  const problem = answer.error instanceof ProblemError ? answer.error : null;
  // Another piece to begin from: what was typed gives way to its measures.
  const begin = (id: string) => setQuery(id ? { piece: id } : {});
  const change = (name: string, value: string) => setTyped((before) => ({ ...before, [name]: value }));
  return (
    <>
      <PageHead
        title={tool.label}
        line={
          <>
            {tool.about} <Link to={`/tools${piece ? `?piece=${piece}` : ""}`}>{t("toolPage.allTools")}</Link>
          </>
        }
      >
        <TextField
          select
          label={t("toolPage.start")}
          value={piece && pieces.data?.rows.some((row) => row.id === piece) ? String(piece) : ""}
          onChange={(event) => begin(event.target.value)}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          sx={{ width: 220 }}
        >
          <MenuItem value="">{t("toolPage.piece")}</MenuItem>
          {(pieces.data?.rows ?? []).map((row) => (
            <MenuItem key={row.id} value={String(row.id)}>
              {`${row.ticket} ${row.name}`}
            </MenuItem>
          ))}
        </TextField>
        <Button variant="outlined" onClick={() => window.print()}>
          {t("toolPage.print")}
        </Button>
        <Button variant="contained" disabled={!answer.data || problem !== null} onClick={() => setKeeping(true)}>
          {t("toolPage.addPiece")}
        </Button>
      </PageHead>
      <Box sx={{ display: "grid", gridTemplateColumns: { md: "320px 1fr" }, gap: 4, alignItems: "start" }}>
        <ToolFields tool={tool} values={values} errors={problem?.fields ?? {}} onChange={change} />
        <Box sx={{ minWidth: 0 }}>
          {problem ? (
            <Box role="alert" sx={{ borderLeft: 4, borderColor: "error.main", pl: 2, py: 1 }}>
              <Typography sx={{ fontWeight: 600 }}>{t("toolPage.cantBuilt")}</Typography>
              {problem.message}
            </Box>
          ) : answer.data ? (
            <>
              <AnswerView answer={answer.data} name={tool.label} />
              {answer.data.template && <Templates tool={key} values={values} />}
            </>
          ) : answer.error ? (
            <Failure error={answer.error} again={() => void answer.refetch()} />
          ) : (
            <LinearProgress aria-label={t("toolPage.calculating")} />
          )}
        </Box>
      </Box>
      {keeping && answer.data && (
        <KeepDialog tool={tool} values={values} answer={answer.data} piece={piece} onClose={() => setKeeping(false)} />
      )}
    </>
  );
}

// The template at its real size: a drawing, or sheets of paper to join.
function Templates({ tool, values }: { tool: string; values: Record<string, string> }) {
  const given = encodeURIComponent(JSON.stringify(values));
  const link = (form: string, paper = "") =>
    `/api/tools/${tool}/template.${form}?given=${given}${paper && `&paper=${paper}`}`;
  const rows: [string, string][] = [
    [t("toolPage.pdfA4"), link("pdf", "A4")],
    [t("toolPage.pdfLetter"), link("pdf", t("toolPage.letter"))],
    ["SVG", link("svg")],
  ];
  return (
    <Part title={t("toolPage.fullSizeTemplate")}>
      <Row className="no-print" align="stretch">
        {rows.map(([name, address]) => (
          <Button key={name} variant="outlined" component="a" href={address} download>
            {name}
          </Button>
        ))}
      </Row>
      <Box sx={{ color: "text.secondary", pt: 1 }}>{t("toolPage.print100MeasureBar")}</Box>
    </Part>
  );
}
