// The head of a piece: where it stands in one line, and what is rarely done to it in a menu.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api } from "../../api/client";
import type { Piece, Workshop } from "../../api/types";
import { RowMenu } from "../../kit/RowMenu";
import { useUndo } from "../../kit/session/undo";
import { DamageDialog } from "./DamageDialog";

type Props = { piece: Piece; workshop: Workshop; onEdit: () => void };

export function PieceHead({ piece, workshop, onEdit }: Props) {
  const { id, ticket, fields, line } = piece;
  const [broken, setBroken] = useState(false);
  const navigate = useNavigate();
  const { remove } = useUndo();
  const name = fields.name ?? "";
  useEffect(() => {
    document.title = `${name} · Kohlrabi`;
  }, [name]);
  const away = async () => {
    if (await remove(api.DELETE("/api/pieces/{id}", { params: { path: { id } } }))) void navigate("/floor");
  };
  return (
    <Box sx={{ display: "flex", gap: 1, alignItems: "flex-start", mb: 1.5 }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Box sx={{ color: "text.secondary", fontSize: 14 }}>
          <Link to="/floor">Floor</Link>
          {` › ${ticket}`}
        </Box>
        <Typography variant="h1">{name}</Typography>
        <Box sx={{ color: "text.secondary" }}>{[fields.kind, line].filter(Boolean).join(" · ")}</Box>
      </Box>
      <Button variant="outlined" onClick={onEdit} className="no-print">
        Edit piece
      </Button>
      <RowMenu
        name={name}
        actions={[
          { label: "Ticket to print", href: `/api/pieces/${id}/label` },
          { label: "Flip card", href: `/api/pieces/${id}/card` },
          { label: "Something broke", run: () => setBroken(true) },
          { label: "Remove", run: () => void away() },
        ]}
      />
      {broken && <DamageDialog piece={piece} workshop={workshop} onClose={() => setBroken(false)} />}
    </Box>
  );
}
