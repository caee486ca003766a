// One lot: the whole, and what each piece bears of it.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api } from "../../api/client";
import { useLot, useWorkshop } from "../../api/queries";
import { useUndo } from "../../kit/session/undo";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SmallTable } from "../../kit/SmallTable";
import { LotDialog } from "./LotDialog";

export default function LotPage() {
  const id = Number(useParams().id);
  const lot = useLot(id);
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const { remove } = useUndo();
  const [editing, setEditing] = useState(false);
  if (lot.error && !isKept(lot)) return <Failure error={lot.error} again={() => void lot.refetch()} />;
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
      <PageHead
        title={data.name}
        line={["Lot", data.source && `from ${data.source}`, data.bought_on?.text].filter(Boolean).join(", ")}
      >
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
        <SmallTable
          label="Shares of the lot"
          columns={["Piece", "Stage", ["Expected resale"], [`Of the price, ${currency}`], ["With premium and tax"]]}
          rows={data.members.map((member) => ({
            key: member.piece_id,
            cells: [
              <Link key="piece" to={`/pieces/${member.piece_id}`}>{`${member.ticket} ${member.name}`}</Link>,
              member.found ? `${member.stage}, found inside` : member.stage,
              member.expected_resale || "not said",
              member.price?.text ?? "not known",
              member.total?.text ?? "not known",
            ],
          }))}
          foot={["Whole", "", "", data.price?.text ?? "not known", data.total?.text ?? "not known"]}
        />
      </Part>
      {data.stash.length > 0 && (
        <Part title="Found for the stash">
          {data.stash.map((item) => (
            <Box
              key={item.id}
            >{`${item.count} × ${item.name}${item.worth ? `, ${item.worth.text} ${currency} to replace` : ""}`}</Box>
          ))}
        </Part>
      )}
      {data.fields.notes && <Box sx={{ whiteSpace: "pre-line" }}>{data.fields.notes}</Box>}
      {editing && <LotDialog lot={data} workshop={workshop.data} onClose={() => setEditing(false)} />}
    </>
  );
}
