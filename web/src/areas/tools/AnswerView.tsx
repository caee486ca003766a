// An answer: the sentence, the picture, figures with their reason, what it assumes, what to look out for, what it leads
// to.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ToolAnswer } from "../../api/types";
import { SmallTable } from "../../kit/SmallTable";
import { useWidth } from "../../kit/useWidth";
import { t } from "../../locales/tools";

// A picture to scale, from the shapes that the core gave in mm.
type Picture = NonNullable<ToolAnswer["picture"]>;
type Shape = Picture["shapes"][number];

const INK = "var(--k-palette-text-primary)";
const SOFT = "var(--k-palette-text-secondary)";
const FILLS: Record<string, string> = {
  wood: "color-mix(in srgb, #be8c50 34%, var(--k-palette-background-default))",
  part: "color-mix(in srgb, #2f6b3f 30%, var(--k-palette-background-default))",
  paint: "color-mix(in srgb, #8a4f92 40%, var(--k-palette-background-default))",
  offcut: "url(#k-offcut)",
  hole: "var(--k-palette-text-primary)",
  old: "url(#k-offcut)",
  screw: "rgba(120,120,120,.7)",
  gap: "transparent",
  ghost: "transparent",
  cut: "none",
};

// width: px that it may take at most.
function ToolPicture({ picture, width = 680, height = 380 }: { picture: Picture; width?: number; height?: number }) {
  const space = 22;
  const scale = Math.min((width - 2 * space) / picture.width, (height - 2 * space) / picture.height);
  const [w, h] = [picture.width * scale + 2 * space, picture.height * scale + 2 * space];
  const at = (value: number | undefined) => (value ?? 0) * scale;
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${w} ${h}`}
      role="img"
      aria-label={picture.description}
      sx={{ width: w, maxWidth: "100%", height: "auto", display: "block" }}
    >
      <defs>
        <pattern id="k-offcut" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" stroke={SOFT} strokeWidth="1" />
        </pattern>
      </defs>
      <g
        transform={`translate(${space} ${space})`}
        stroke={INK}
        strokeWidth={1}
        fontSize={12}
        fontFamily="Barlow Condensed"
      >
        {picture.shapes.map((shape, place) => (
          <Drawn key={place} shape={shape} at={at} />
        ))}
      </g>
    </Box>
  );
}

function Drawn({ shape, at }: { shape: Shape; at: (value: number | undefined) => number }) {
  const fill = FILLS[shape.role] ?? "transparent";
  const dash = shape.role === "ghost" || shape.role === "gap" ? "4 3" : undefined;
  const [x, y] = [at(shape.x), at(shape.y)];
  if (shape.kind === "rect") {
    const [w, h] = [at(shape.w), at(shape.h)];
    const fits = shape.label && w > shape.label.length * 6 && h > 11;
    return (
      <>
        <rect x={x} y={y} width={w} height={h} fill={fill} strokeDasharray={dash} />
        {fits && <Words x={x + w / 2} y={y + h / 2 + 4} text={shape.label ?? ""} />}
      </>
    );
  }
  if (shape.kind === "circle")
    return (
      <>
        <circle cx={x} cy={y} r={Math.max(at(shape.r), 2)} fill={fill} />
        {shape.label && <Words x={x} y={y - at(shape.r) - 6} text={shape.label} />}
      </>
    );
  if (shape.kind === "line")
    return <path d={`M${x} ${y}L${at(shape.x2)} ${at(shape.y2)}`} stroke={SOFT} strokeDasharray="6 3 1 3" />;
  if (shape.kind === "polygon")
    return (
      <polygon
        points={(shape.points ?? []).map(([px, py]) => `${at(px)},${at(py)}`).join(" ")}
        fill={fill}
        strokeDasharray={dash}
      />
    );
  if (shape.kind === "text") return <Words x={x} y={y + 4} text={shape.label ?? ""} />;
  const [x2, y2] = [at(shape.x2), at(shape.y2)];
  const upright = Math.abs(x2 - x) < Math.abs(y2 - y);
  return (
    <g stroke={SOFT}>
      <path
        d={`M${x} ${y}L${x2} ${y2}${upright ? `M${x - 4} ${y}h8M${x2 - 4} ${y2}h8` : `M${x} ${y - 4}v8M${x2} ${y2 - 4}v8`}`}
      />
      <text
        stroke="none"
        fill={INK}
        textAnchor="middle"
        transform={upright ? `translate(${x + 14} ${(y + y2) / 2}) rotate(-90)` : `translate(${(x + x2) / 2} ${y - 5})`}
      >
        {shape.label}
      </text>
    </g>
  );
}

const Words = ({ x, y, text }: { x: number; y: number; text: string }) => (
  <text x={x} y={y} textAnchor="middle" stroke="none" fill={INK}>
    {text}
  </text>
);

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
          label={t("answerView.cutList")}
          columns={[
            t("answerView.mark"),
            t("answerView.part"),
            [t("answerView.number")],
            [t("answerView.size")],
            t("answerView.from"),
          ]}
          rows={answer.cuts.map((cut) => ({
            key: cut.mark + cut.name,
            cells: [cut.mark, cut.name, cut.count, cut.size, cut.from],
          }))}
        />
      )}
      <Said
        title={t("answerView.seeAlso")}
        lines={[
          ...answer.steps.map((step) => `${step.label}, ${step.time?.text}`),
          ...answer.materials.map((one) => `${one.text} ${one.label}`),
          ...answer.offcuts.map((text) => t("answerView.leftOver", { text })),
        ]}
      />
      <Said title={t("answerView.assumptions")} lines={answer.assumes} />
      <Said title={t("answerView.caution")} lines={answer.cautions} />
    </Box>
  );
}

// Figures with their reason beside them, or beneath them on a phone.
function Lines({ lines, name }: { lines: ToolAnswer["lines"]; name: string }) {
  if (lines.length === 0) return null;
  return (
    <Box component="dl" aria-label={t("answerView.figures", { name })} sx={{ m: 0, mb: 2 }}>
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
