// What bench tools found for this piece: each can be opened again as it was asked, ticked off, or taken away.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import { Link } from "react-router";
import { api } from "../../api/client";
import { useToolResults } from "../../api/queries";
import type { ToolResult } from "../../api/types";
import { useUndo } from "../../kit/session/undo";
import { Fold } from "../../kit/Fold";
import { SmallTable } from "../../kit/SmallTable";
import { PlainList, Quiet } from "../../kit/layout";
import { useSave } from "../../kit/session/useSave";
import { t } from "../../locales/flips";

export function ToolsPart({ id }: { id: number }) {
  const { data } = useToolResults(id);
  if (!data) return null;
  const action = (
    <Button component={Link} to={`/tools?piece=${id}`}>
      {t("toolsPart.useTool")}
    </Button>
  );
  return (
    <Fold
      title={t("toolsPart.savedToolResults")}
      summary={data.results.length === 0 ? t("toolsPart.noneSaved") : data.results.map((one) => one.label).join(", ")}
      action={action}
    >
      {data.results.length === 0 ? (
        <Quiet>{t("toolsPart.nothingSavedYetTools")}</Quiet>
      ) : (
        <PlainList>
          {data.results.map((result) => (
            <Row key={result.id} result={result} piece={id} />
          ))}
        </PlainList>
      )}
    </Fold>
  );
}

function Row({ result, piece }: { result: ToolResult; piece: number }) {
  const save = useSave();
  const { remove, failed } = useUndo();
  const path = { params: { path: { id: result.id } } };
  const finished = result.done_on !== null;
  const tick = async (on: boolean, offcuts: boolean) => {
    await save(
      api.PATCH("/api/tool-results/{id}", { ...path, body: { done: on, offcuts } }),
      on
        ? t("toolsPart.done", { result: result.label, more: offcuts ? t("toolsPart.offcutsPutStash") : "" })
        : t("toolsPart.done2", { result: result.label }),
    );
  };
  const link = `/tools/${result.tool}?${new URLSearchParams({ ...result.values, piece: String(piece) }).toString()}`;
  return (
    <Box component="li" sx={{ borderBottom: 1, borderColor: "divider", py: 0.5, breakInside: "avoid" }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 1, alignItems: "center" }}>
        <Checkbox
          checked={finished}
          onChange={(_, on) => void tick(on, false).catch(failed)}
          slotProps={{ input: { "aria-label": t("toolsPart.done3", { result: result.label }) } }}
        />
        <Box sx={{ flex: "1 1 240px", minWidth: 0 }}>
          <Link to={link} style={{ fontWeight: 600 }}>
            {result.label}
          </Link>
          <Box>{result.headline}</Box>
          {result.materials.length > 0 && (
            <Quiet>{`${finished ? t("toolsPart.used") : t("toolsPart.buy")}: ${result.materials.map((one) => `${one.text} ${one.label}`).join(", ")}`}</Quiet>
          )}
        </Box>
        <Box className="no-print">
          {!finished && result.offcuts > 0 && (
            <Button
              size="small"
              onClick={() => void tick(true, true).catch(failed)}
              aria-label={t("toolsPart.donePutOffcutsStash", { result: result.label })}
            >
              {t("toolsPart.donePutOffcutsStash2")}
            </Button>
          )}
          <Button
            size="small"
            color="inherit"
            onClick={() => void remove(api.DELETE("/api/tool-results/{id}", path))}
            aria-label={t("toolsPart.remove", { result: result.label })}
          >
            {t("toolsPart.remove2")}
          </Button>
        </Box>
      </Box>
      {result.cuts.length > 0 && (
        <SmallTable
          label={t("toolsPart.cutList", { result: result.label })}
          columns={[
            t("toolsPart.mark"),
            t("toolsPart.part"),
            [t("toolsPart.number")],
            [t("toolsPart.size")],
            t("toolsPart.from"),
          ]}
          rows={result.cuts.map((cut) => ({
            key: cut.mark + cut.name,
            cells: [cut.mark, cut.name, cut.count, cut.size, cut.from],
          }))}
        />
      )}
    </Box>
  );
}
