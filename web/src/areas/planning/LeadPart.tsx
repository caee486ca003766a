// The lead question: asked before anything breaks an old finish of unknown age; the answer changes the plan.
import Alert from "@mui/material/Alert";
import Typography from "@mui/material/Typography";
import type { Plan } from "../../api/types";
import { LeadAnswers } from "../../kit/LeadAnswers";
import { Row } from "../../kit/layout";
import { t } from "../../locales/planning";

export function LeadPart({ page }: { page: Plan }) {
  const { lead } = page;
  if (!lead.open && !lead.answer) return null;
  return (
    <Alert
      severity={lead.answer === "clear" ? "success" : "warning"}
      role="note"
      variant="outlined"
      sx={{ mb: 2, color: "text.primary" }}
    >
      {lead.answer !== "clear" && <Typography variant="body2">{lead.text}</Typography>}
      <Row sx={{ mt: lead.answer === "clear" ? -0.75 : 1 }}>
        <Typography sx={{ fontWeight: 600, mr: 1 }}>
          {lead.answer_label
            ? t("leadPart.lead", { answerlabel: lead.answer_label })
            : t("leadPart.doesOldFinishContain")}
        </Typography>
        <LeadAnswers piece={page} answer={lead.answer} />
      </Row>
    </Alert>
  );
}
