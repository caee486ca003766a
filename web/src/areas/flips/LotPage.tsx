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
import { t } from "../../locales/flips";

export default function LotPage() {
  const id = Number(useParams().id);
  const lot = useLot(id);
  const workshop = useWorkshop();
  const navigate = useNavigate();
  const { remove } = useUndo();
  const [editing, setEditing] = useState(false);
  if (lot.error && !isKept(lot)) return <Failure error={lot.error} again={() => void lot.refetch()} />;
  if (!lot.data || !workshop.data) return <LinearProgress aria-label={t("lotPage.loading")} />;
  const data = lot.data;
  const currency = workshop.data.symbol;
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
        line={[t("lotPage.lot"), data.source && t("lotPage.from", { source: data.source }), data.bought_on?.text]
          .filter(Boolean)
          .join(", ")}
      >
        <Button variant="outlined" onClick={() => setEditing(true)}>
          {t("lotPage.editLot")}
        </Button>
        <Button color="inherit" onClick={() => void removeIt()}>
          {t("lotPage.remove")}
        </Button>
      </PageHead>
      <Part title={t("lotPage.costEachPiece")}>
        <Box sx={{ color: "text.secondary", mb: 1 }}>
          {data.price
            ? t("lotPage.splitThingsFoundInside", {
                whole:
                  whole
                    .filter(([, amount]) => amount?.minor)
                    .map(([name, amount]) => `${name} ${amount?.text}`)
                    .join(" + ") || t("lotPage.nothingPaid"),
                ruletext: data.rule_text,
              })
            : t("lotPage.priceUnknownSoCant")}
        </Box>
        <SmallTable
          label={t("lotPage.costEachPiece2")}
          columns={[
            t("lotPage.piece"),
            t("lotPage.stage"),
            [t("lotPage.expectedPrice")],
            [t("lotPage.sharePrice", { currency })],
            [t("lotPage.premiumTax")],
          ]}
          rows={data.members.map((member) => ({
            key: member.piece_id,
            cells: [
              <Link key="piece" to={`/pieces/${member.piece_id}`}>{`${member.ticket} ${member.name}`}</Link>,
              member.found ? t("lotPage.foundInside", { stage: member.stage }) : member.stage,
              member.expected_resale || t("lotPage.set"),
              member.price?.bare ?? t("lotPage.unknown"),
              member.total?.bare ?? t("lotPage.unknown"),
            ],
          }))}
          foot={[
            t("lotPage.whole"),
            "",
            "",
            data.price?.bare ?? t("lotPage.unknown"),
            data.total?.bare ?? t("lotPage.unknown"),
          ]}
        />
      </Part>
      {data.stash.length > 0 && (
        <Part title={t("lotPage.foundPutStash")}>
          {data.stash.map((item) => (
            <Box
              key={item.id}
            >{`${item.count} × ${item.name}${item.worth ? t("lotPage.wouldCostReplace", { worth: item.worth.text, currency }) : ""}`}</Box>
          ))}
        </Part>
      )}
      {data.fields.notes && <Box sx={{ whiteSpace: "pre-line" }}>{data.fields.notes}</Box>}
      {editing && <LotDialog lot={data} workshop={workshop.data} onClose={() => setEditing(false)} />}
    </>
  );
}
