// An answer: the sentence, the picture, figures with their reason, what it assumes, what to look out for, what it leads to.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ToolAnswer } from "../../api/types";
import { SmallTable } from "../../kit/SmallTable";
import { ToolPicture } from "../../kit/ToolPicture";

export function AnswerView({ answer, name }: { answer: ToolAnswer; name: string }) {
  return (
    <Box aria-live="polite">
      <Typography data-headline sx={{ fontSize: 22, fontWeight: 600, mb: 2 }}>
        {answer.headline}
      </Typography>
      {answer.picture && (
        <Box sx={{ mb: 2 }}>
          <ToolPicture picture={answer.picture} />
        </Box>
      )}
      {answer.warnings.map((text) => (
        <Alert key={text} severity="warning" role="note" variant="outlined" sx={{ mb: 1, color: "text.primary" }}>
          {text}
        </Alert>
      ))}
      {answer.lines.length > 0 && (
        <SmallTable
          label={`${name}: figures`}
          columns={["Figure", ["Value"], "Why"]}
          rows={answer.lines.map((line) => ({
            key: line.label,
            cells: [
              line.label,
              line.text,
              <Box key="why" component="span" sx={{ color: "text.secondary" }}>
                {line.why}
              </Box>,
            ],
          }))}
        />
      )}
      {answer.table && (
        <SmallTable label={name} columns={answer.table.columns} rows={answer.table.rows.map((cells, place) => ({ key: place, cells }))} />
      )}
      {answer.cuts.length > 0 && (
        <SmallTable
          label="Cut list"
          columns={["Mark", "Part", ["Number"], ["Size"], "From"]}
          rows={answer.cuts.map((cut) => ({ key: cut.mark + cut.name, cells: [cut.mark, cut.name, cut.count, cut.size, cut.from] }))}
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

function Said({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) return null;
  return (
    <Box sx={{ mb: 1.5 }}>
      <Typography variant="h3" sx={{ fontSize: 15, fontWeight: 600 }}>
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
