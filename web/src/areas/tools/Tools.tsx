// The bench tools by what they are for.
import Box from "@mui/material/Box";
import LinearProgress from "@mui/material/LinearProgress";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import { usePiece, useTools } from "../../api/queries";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { PlainList, Quiet } from "../../kit/layout";
import { t } from "../../locales/tools";

export default function Tools() {
  const [query] = useSearchParams();
  const piece = Number(query.get("piece")) || null;
  const tools = useTools(piece);
  const named = usePiece(piece ?? 0, piece !== null);
  const [text, setText] = useState("");
  if (tools.error && !isKept(tools)) return <Failure error={tools.error} again={() => void tools.refetch()} />;
  if (!tools.data) return <LinearProgress aria-label={t("tools.loading")} />;
  const wanted = text.trim().toLowerCase();
  const groups = tools.data.groups
    .map((group) => ({
      ...group,
      tools: group.tools.filter((tool) => `${tool.label} ${tool.about}`.toLowerCase().includes(wanted)),
    }))
    .filter((group) => group.tools.length > 0);
  return (
    <>
      <PageHead
        title={t("tools.tools")}
        line={
          named.data
            ? t("tools.startingMeasurements", { fields: named.data.fields.name })
            : t("tools.measureMixMarkOut")
        }
      >
        <TextField
          label={t("tools.search")}
          value={text}
          onChange={(event) => setText(event.target.value)}
          sx={{ width: 200 }}
        />
      </PageHead>
      {groups.length === 0 && <Box>{t("tools.toolFoundTryPaint")}</Box>}
      <Box sx={{ display: "grid", gridTemplateColumns: { md: "1fr 1fr" }, columnGap: 5 }}>
        {groups.map((group) => (
          <Part key={group.key} title={group.label}>
            <PlainList>
              {group.tools.map((tool) => (
                <Box component="li" key={tool.key} sx={{ borderBottom: 1, borderColor: "divider", py: 1 }}>
                  <Link to={`/tools/${tool.key}${piece ? `?piece=${piece}` : ""}`} style={{ fontWeight: 600 }}>
                    {tool.label}
                  </Link>
                  <Quiet>{tool.about}</Quiet>
                </Box>
              ))}
            </PlainList>
          </Part>
        ))}
      </Box>
    </>
  );
}
