// Ticket, name and a line beneath, as a piece is named in lists.
import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import { Quiet } from "./layout";

export function PieceTitle({
  id,
  ticket,
  name,
  line,
}: {
  id: number;
  ticket: string;
  name: string;
  line?: string | null;
}) {
  return (
    <Box sx={{ minWidth: 0 }}>
      <Typography variant="overline" component="div" sx={{ color: "text.secondary", lineHeight: 1.2 }}>
        {ticket}
      </Typography>
      <Link component={RouterLink} to={`/pieces/${id}`} sx={{ fontWeight: 600, display: "inline-block", py: 0.25 }}>
        {name}
      </Link>
      {line && <Quiet>{line}</Quiet>}
    </Box>
  );
}
