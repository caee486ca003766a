// The lead question: asked before anything breaks an old finish of unknown age; the answer changes the plan.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { api, ask } from "../../api/client";
import type { Catalogue, Plan } from "../../api/types";
import { useUndo } from "../../app/undo";
import { told } from "../../kit/told";

export function LeadPart({ page, catalogue }: { page: Plan; catalogue: Catalogue }) {
  const { done, failed } = useUndo();
  const { lead } = page;
  if (!lead.open && !lead.answer) return null;
  const path = { params: { path: { id: page.id } } };
  const send = (answer: string) => ask(api.POST("/api/pieces/{id}/lead", { ...path, body: { answer } }));
  const answer = async (key: string, label: string) => {
    const { changes } = await send(key);
    done(told(`Lead: ${label}`, changes), () => send(lead.answer ?? ""));
  };
  return (
    <Alert severity={lead.answer === "clear" ? "success" : "warning"} role="note" variant="outlined" sx={{ mb: 2, color: "text.primary" }}>
      {lead.answer !== "clear" && <Typography variant="body2">{lead.text}</Typography>}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center", mt: lead.answer === "clear" ? -0.75 : 1 }}>
        <Typography sx={{ fontWeight: 600, mr: 1 }}>{lead.answer_label ? `Lead: ${lead.answer_label}` : "Does the old finish hold lead?"}</Typography>
        {catalogue.leads
          .filter((one) => one.key !== lead.answer)
          .map((one) => (
            <Button
              key={one.key}
              size="small"
              variant="outlined"
              className="no-print"
              sx={{ minHeight: 44 }}
              onClick={() => void answer(one.key, one.label).catch(failed)}
            >
              {one.label.charAt(0).toUpperCase() + one.label.slice(1)}
            </Button>
          ))}
        {lead.answer && (
          <Button size="small" className="no-print" sx={{ minHeight: 44 }} onClick={() => void answer("", "asked again").catch(failed)}>
            Ask again
          </Button>
        )}
      </Box>
    </Alert>
  );
}
