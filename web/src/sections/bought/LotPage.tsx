// One lot: the whole, and what each piece bears of it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableFooter from "@mui/material/TableFooter";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api } from "../../api/client";
import { useLot, useWorkshop } from "../../api/queries";
import { useUndo } from "../../app/undo";
import { Failure } from "../../kit/Failure";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { LotDialog } from "./LotDialog";

export default function LotPage() {
  const id = Number(useParams().id);
  const lot = useLot(id);
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const { remove } = useUndo();
  const [editing, setEditing] = useState(false);
  if (lot.error) return <Failure error={lot.error} again={() => void lot.refetch()} />;
  if (!lot.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const data = lot.data;
  const currency = workshop.data.currency;
  const removeIt = async () => {
    if (await remove(api.DELETE("/api/lots/{id}", { params: { path: { id } } }))) void navigate("/scout/lots");
  };
  const whole = [
    ["price", data.price],
    ["premium", data.premium],
    ["tax", data.tax],
  ] as const;
  return (
    <>
      <PageHead title={data.name} line={["Lot", data.source && `from ${data.source}`, data.bought_on?.text].filter(Boolean).join(", ")}>
        <Button variant="outlined" onClick={() => setEditing(true)}>
          Correct the lot
        </Button>
        <Button color="inherit" onClick={() => void removeIt()}>
          Remove
        </Button>
      </PageHead>
      <Part title="What each cost">
        <Box sx={{ color: "text.secondary", mb: 1 }}>
          {data.price
            ? `${
                whole
                  .filter(([, amount]) => amount?.minor)
                  .map(([name, amount]) => `${name} ${amount?.text}`)
                  .join(" + ") || "nothing paid"
              }, shared ${data.rule_text}; what was found inside costs nothing.`
            : "The price is not known, so neither is that of its pieces."}
        </Box>
        <Box sx={{ overflowX: "auto" }}>
          <Table size="small" aria-label="Shares of the lot">
            <TableHead>
              <TableRow>
                <TableCell>Piece</TableCell>
                <TableCell>Stage</TableCell>
                <TableCell align="right">Expected resale</TableCell>
                <TableCell align="right">Of the price, {currency}</TableCell>
                <TableCell align="right">With premium and tax</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {data.members.map((member) => (
                <TableRow key={member.piece_id}>
                  <TableCell>
                    <Link to={`/pieces/${member.piece_id}`}>{`${member.ticket} ${member.name}`}</Link>
                  </TableCell>
                  <TableCell>{member.found ? `${member.stage}, found inside` : member.stage}</TableCell>
                  <TableCell align="right">{member.expected_resale || "not said"}</TableCell>
                  <TableCell align="right">{member.price?.text ?? "not known"}</TableCell>
                  <TableCell align="right">{member.total?.text ?? "not known"}</TableCell>
                </TableRow>
              ))}
            </TableBody>
            <TableFooter>
              <TableRow>
                <TableCell colSpan={3}>Whole</TableCell>
                <TableCell align="right">{data.price?.text ?? "not known"}</TableCell>
                <TableCell align="right">{data.total?.text ?? "not known"}</TableCell>
              </TableRow>
            </TableFooter>
          </Table>
        </Box>
      </Part>
      {data.stash.length > 0 && (
        <Part title="Found for the stash">
          {data.stash.map((item) => (
            <Box key={item.id}>{`${item.count} × ${item.name}${item.worth ? `, ${item.worth.text} ${currency} to replace` : ""}`}</Box>
          ))}
        </Part>
      )}
      {data.fields.notes && <Box sx={{ whiteSpace: "pre-line" }}>{data.fields.notes}</Box>}
      {editing && <LotDialog lot={data} workshop={workshop.data} onClose={() => setEditing(false)} />}
    </>
  );
}
