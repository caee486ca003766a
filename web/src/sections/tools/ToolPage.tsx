// One bench tool: what is given on the left, the answer with its picture on the right, while one types. The address holds all that was typed.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { ProblemError } from "../../api/client";
import { useToolAnswer, useTools } from "../../api/queries";
import { Failure } from "../../kit/Failure";
import { PageHead } from "../../kit/PageHead";
import { useSettled } from "../../kit/useSettled";
import { AnswerView } from "./AnswerView";
import { KeepDialog } from "./KeepDialog";
import { Templates } from "./Templates";
import { ToolFields } from "./ToolFields";

export default function ToolPage() {
  const key = useParams().tool ?? "";
  const [query, setQuery] = useSearchParams();
  const piece = Number(query.get("piece")) || null;
  const tools = useTools(piece);
  const [keeping, setKeeping] = useState(false);
  const tool = tools.data?.groups.flatMap((group) => group.tools).find((one) => one.key === key);
  const values = Object.fromEntries((tool?.fields ?? []).map((field) => [field.name, query.get(field.name) ?? field.value]));
  const answer = useToolAnswer(key, useSettled(JSON.stringify(values), 200), tool !== undefined);
  if (tools.error) return <Failure error={tools.error} again={() => void tools.refetch()} />;
  if (!tools.data) return <LinearProgress aria-label="Loading" />;
  if (!tool)
    return (
      <Box>
        There is no such tool. <Link to="/tools">All tools</Link>
      </Box>
    );
  const problem = answer.error instanceof ProblemError ? answer.error : null;
  const change = (name: string, value: string) =>
    setQuery(
      (before) => {
        before.set(name, value);
        return before;
      },
      { replace: true },
    );
  return (
    <>
      <PageHead
        title={tool.label}
        line={
          <>
            {tool.about} <Link to={`/tools${piece ? `?piece=${piece}` : ""}`}>All tools</Link>
          </>
        }
      >
        <Button variant="outlined" onClick={() => window.print()}>
          Print
        </Button>
        <Button variant="contained" disabled={!answer.data || problem !== null} onClick={() => setKeeping(true)}>
          Keep on a piece
        </Button>
      </PageHead>
      <Box sx={{ display: "grid", gridTemplateColumns: { md: "320px 1fr" }, gap: 4, alignItems: "start" }}>
        <ToolFields tool={tool} values={values} errors={problem?.fields ?? {}} onChange={change} />
        <Box sx={{ minWidth: 0 }}>
          {problem ? (
            <Box role="alert" sx={{ borderLeft: 4, borderColor: "error.main", pl: 2, py: 1 }}>
              <Typography sx={{ fontWeight: 600 }}>This cannot be.</Typography>
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
            <LinearProgress aria-label="Reckoning" />
          )}
        </Box>
      </Box>
      {keeping && answer.data && <KeepDialog tool={tool} values={values} answer={answer.data} piece={piece} onClose={() => setKeeping(false)} />}
    </>
  );
}
