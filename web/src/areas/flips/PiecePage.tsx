// Everything about a piece, on one page in the order of work; its key figures stay in view.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { api } from "../../api/client";
import { usePiece, useWorkshop } from "../../api/queries";
import { useUndo } from "../../kit/session/undo";
import { DaysStrip, daysScale } from "../../kit/DaysStrip";
import { Drawing } from "../../kit/Drawing";
import { Failure } from "../../kit/Failure";
import { Figures } from "../../kit/Figures";
import { PageHead } from "../../kit/PageHead";
import { ShapeSays } from "../../kit/shape/ShapeSays";
import { Part } from "../../kit/Part";
import { piecePages } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { PhotosPart } from "../../kit/photos/PhotosPart";
import { BudgetPart } from "./BudgetPart";
import { WorthPart } from "./WorthPart";
import { MixesPart } from "./MixesPart";
import { StashPart } from "./StashPart";
import { ToolsPart } from "./ToolsPart";
import { CarePart } from "./CarePart";
import { CostsPart } from "./CostsPart";
import { DamageDialog } from "./DamageDialog";
import { DiaryPart } from "./DiaryPart";
import { EditPiece } from "./EditPiece";
import { EventsPart } from "./EventsPart";
import { KeyFigures } from "./KeyFigures";
import { OriginLine, Said } from "./OriginLine";
import { NextPart } from "./NextPart";
import { PricePart } from "./PricePart";
import { WorkPart } from "./WorkPart";

export default function PiecePage() {
  const id = Number(useParams().id);
  const piece = usePiece(id);
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const { remove } = useUndo();
  const [editing, setEditing] = useState(false);
  const [broken, setBroken] = useState(false);
  if (piece.error) return <Failure error={piece.error} again={() => void piece.refetch()} />;
  if (!piece.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const {
    fields,
    ticket,
    stage,
    drawing,
    shape,
    strip,
    figures,
    other_hours: otherHours,
    turnaround,
    photos,
  } = piece.data;
  const face = photos.find((photo) => photo.face) ?? [...photos].reverse().find((photo) => photo.kind === "after");
  const currency = workshop.data.currency;
  const facts = [
    fields.kind,
    fields.source && `from ${fields.source}`,
    sizes(fields, workshop.data.length_unit),
  ].filter(Boolean);
  const removePiece = async () => {
    if (await remove(api.DELETE("/api/pieces/{id}", { params: { path: { id } } }))) void navigate("/floor");
  };
  return (
    <>
      <PageHead title={fields.name ?? ""} line={`${ticket}, ${stage}${facts.length ? `. ${facts.join(", ")}` : ""}`}>
        <Button variant="outlined" onClick={() => setEditing(true)}>
          Edit piece
        </Button>
        <Button component="a" href={`/api/pieces/${id}/card`} download>
          Flip card
        </Button>
        <Button onClick={() => setBroken(true)}>Something broke</Button>
        <Button color="inherit" onClick={() => void removePiece()}>
          Remove
        </Button>
      </PageHead>
      <SubNav name={fields.name ?? ""} pages={piecePages(id)} />
      <OriginLine piece={piece.data} />
      <KeyFigures piece={piece.data} currency={currency} />
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr", md: "300px 1fr" },
          gap: { xs: 2, md: 4 },
          mb: 4,
          alignItems: "center",
        }}
      >
        <Box>
          <Drawing shape={drawing} width={290} height={face ? 200 : 230} measures />
          {face && (
            <img
              src={face.small}
              alt={face.caption ?? face.label}
              style={{ width: 290, maxWidth: "100%", height: "auto", display: "block" }}
            />
          )}
          <ShapeSays
            id={id}
            kind={fields.kind ?? ""}
            shape={strip.ended ? { ...shape, says: null } : shape}
            workshop={workshop.data}
          />
        </Box>
        <Box>
          <DaysStrip strip={strip} scale={daysScale([strip])} most={620} end={strip.ended ? stage : undefined} />
          <Box sx={{ mt: 2 }}>
            <Figures figures={turnaround} currency={currency} />
          </Box>
          <Said fields={fields} />
          {fields.notes && (
            <Typography sx={{ mt: 2, whiteSpace: "pre-line", maxWidth: "65ch" }}>{fields.notes}</Typography>
          )}
        </Box>
      </Box>
      {/* What is done to it on the left, what it comes to on the right; one below the other where there is no room. */}
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 1.35fr) minmax(0, 1fr)" },
          columnGap: 5,
          alignItems: "start",
        }}
      >
        <Box>
          {piece.data.planned && <NextPart id={id} />}
          <EventsPart piece={piece.data} workshop={workshop.data} />
          <WorkPart piece={piece.data} workshop={workshop.data} />
          <CostsPart piece={piece.data} workshop={workshop.data} />
          <PhotosPart
            photos={photos}
            owner={{ piece_id: id }}
            start={stage === "bought" ? "before" : stage === "on the bench" ? "during" : "after"}
          />
          <ToolsPart id={id} />
          <StashPart id={id} />
          <MixesPart id={id} />
        </Box>
        <Box>
          <WorthPart worth={piece.data.worth} />
          <PricePart piece={piece.data} currency={currency} onEstimate={() => setEditing(true)} />
          <BudgetPart piece={piece.data} currency={currency} />
          <Part title="Statement">
            <Figures figures={figures} currency={currency} />
            <Typography variant="caption" component="p" sx={{ mt: 2, color: "text.secondary" }}>
              By the other rule of hours:{" "}
              {otherHours
                .map((figure) => `${figure.label.toLowerCase()} ${figure.text ?? `not yet (${figure.why})`}`)
                .join(", ")}
              .
            </Typography>
          </Part>
          <CarePart piece={piece.data} />
          <DiaryPart piece={piece.data} currency={currency} />
        </Box>
      </Box>
      {broken && <DamageDialog piece={piece.data} workshop={workshop.data} onClose={() => setBroken(false)} />}
      {editing && <EditPiece piece={piece.data} workshop={workshop.data} onClose={() => setEditing(false)} />}
    </>
  );
}

function sizes(fields: { width?: string; depth?: string; height?: string }, unit: string): string {
  const known = [
    ["wide", fields.width],
    ["deep", fields.depth],
    ["high", fields.height],
  ].filter(([, size]) => size);
  return known.map(([word, size]) => `${size} ${unit} ${word}`).join(", ");
}
