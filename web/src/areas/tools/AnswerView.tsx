// An answer: the sentence, the picture, figures with their reason, what it assumes, what to look out for, what it leads
// to.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ToolAnswer } from "../../api/types";
import { SmallTable } from "../../kit/SmallTable";
import { ToolPicture } from "../../kit/ToolPicture";
import { useWidth } from "../../kit/useWidth";

export function AnswerView({ answer, name }: { answer: ToolAnswer; name: string }) {
  const [frame, width] = useWidth();
  return (
    <Box aria-live="polite">
      <Typography data-headline sx={{ fontSize: 22, fontWeight: 600, mb: 2 }}>
        {answer.headline}
      </Typography>
      {answer.picture && (
        <Box ref={frame} sx={{ mb: 2 }}>
          <ToolPicture picture={answer.picture} width={Math.min(width || 680, 680)} />
        </Box>
      )}
      {answer.warnings.map((text) => (
        <Alert key={text} severity="warning" role="note" variant="outlined" sx={{ mb: 1, color: "text.primary" }}>
          {text}
        </Alert>
      ))}
      <Lines lines={answer.lines} name={name} />
      {answer.table && (
        <SmallTable
          label={name}
          columns={answer.table.columns}
          rows={answer.table.rows.map((cells, place) => ({ key: place, cells }))}
        />
      )}
      {answer.cuts.length > 0 && (
        <SmallTable
          label="Cut list"
          columns={["Mark", "Part", ["Number"], ["Size"], "From"]}
          rows={answer.cuts.map((cut) => ({
            key: cut.mark + cut.name,
            cells: [cut.mark, cut.name, cut.count, cut.size, cut.from],
          }))}
        />
      )}
      <Said
        title="Leads to"
        lines={[
          ...answer.steps.map((step) => `${step.label}, ${step.time?.text}`),
          ...answer.materials.map((one) => `${one.text} ${one.label}`),
          ...answer.offcuts.map((text) => `Left over: ${text}`),
        ]}
      />
      <Said title="Assumes" lines={answer.assumes} />
      <Said title="Take care" lines={answer.cautions} />
    </Box>
  );
}

// Figures with their reason beside them, or beneath them on a phone.
function Lines({ lines, name }: { lines: ToolAnswer["lines"]; name: string }) {
  if (lines.length === 0) return null;
  return (
    <Box component="dl" aria-label={`${name}: figures`} sx={{ m: 0, mb: 2 }}>
      {lines.map((line) => (
        <Box
          key={line.label}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr auto", sm: "190px 200px 1fr" },
            columnGap: 2,
            borderBottom: 1,
            borderColor: "divider",
            py: 0.75,
          }}
        >
          <Box component="dt">{line.label}</Box>
          <Box component="dd" sx={{ m: 0, fontWeight: 500, textAlign: "right" }}>
            {line.text}
          </Box>
          {line.why && (
            <Box component="dd" sx={{ m: 0, color: "text.secondary", gridColumn: { xs: "1 / -1", sm: "auto" } }}>
              {line.why}
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}

function Said({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) return null;
  return (
    <Box sx={{ mb: 1.5 }}>
      <Typography variant="h3" component="h2" sx={{ fontSize: 15, fontWeight: 600 }}>
        {title}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5, color: "text.secondary" }}>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Box>
    </Box>
  );
}
