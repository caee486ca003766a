// What all planned work still needs, less what is on the shelf, in whole containers; ticked off while shopping at the price paid.
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useShopping, useWorkshop } from "../../api/queries";
import type { Shopping } from "../../api/types";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { Material } from "../../kit/colour/Material";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SHELF_PAGES } from "../../kit/sections";
import { SmallTable } from "../../kit/SmallTable";
import { SubNav } from "../../kit/SubNav";
import { ContainerDialog } from "./ContainerDialog";

type Row = Shopping["rows"][number];

export default function ToBuy() {
  const shopping = useShopping();
  const workshop = useWorkshop();
  const [bought, setBought] = useState<{ product: string; size: string; count: string; paid: string } | null>(null);
  if (shopping.error) return <Failure error={shopping.error} again={() => void shopping.refetch()} />;
  if (!shopping.data || !workshop.data) return <LinearProgress aria-label="Loading" />;
  const currency = workshop.data.currency;
  const buy = shopping.data.rows.filter((row) => row.buy);
  const enough = shopping.data.rows.filter((row) => !row.buy);
  const tick = (row: Row) => (
    <span key="tick" className="no-print">
      {row.packs.map((pack) => {
        const said = row.packs.length > 1 ? `Bought ${pack.size}` : "Bought";
        return (
          <Button
            key={pack.size}
            size="small"
            onClick={() =>
              setBought({ product: row.product, size: pack.size, count: String(pack.count), paid: pack.price })
            }
            aria-label={`${said}, ${row.label}`}
          >
            {said}
          </Button>
        );
      })}
    </span>
  );
  const total = shopping.data.total;
  return (
    <>
      <PageHead
        title="To buy"
        line={
          buy.length
            ? total
              ? `About ${total.text} ${currency} for all planned work.`
              : "For all planned work; not every price is known."
            : "For all planned work, less what is on the shelf."
        }
      >
        {buy.length > 0 && (
          <Button variant="outlined" onClick={() => window.print()}>
            Print the list
          </Button>
        )}
      </PageHead>
      <SubNav name="Shelf" pages={SHELF_PAGES} />
      {buy.length === 0 ? (
        <Empty title="Nothing is to be bought">
          <span>
            {enough.length
              ? "The shelf has all that the planned work needs."
              : "Plans of the pieces in hand say here what they need, in whole containers."}
          </span>
        </Empty>
      ) : (
        <SmallTable
          label="To buy"
          columns={["What", "", ["Buy"], [`About ${currency}`], ["Needed"], ["On the shelf"], ["Left over"]]}
          rows={buy.map((row) => ({
            key: `${row.product} ${row.gear}`,
            cells: [
              <div key="what">
                <Material label={row.label} swatch={row.swatch} />
                {row.note && (
                  <Typography variant="body2" sx={{ color: "warning.main" }}>
                    {row.note}
                  </Typography>
                )}
                <Typography variant="body2" sx={{ color: "text.secondary" }}>
                  {row.pieces.join(", ")}
                </Typography>
              </div>,
              tick(row),
              row.buy,
              row.price?.text ?? "not known",
              row.needed ?? "to wear",
              row.there,
              row.over ?? "",
            ],
          }))}
        />
      )}
      {enough.length > 0 && (
        <Part title="On the shelf already">
          <SmallTable
            label="On the shelf already"
            columns={["What", ["Needed"], ["On the shelf"], "For"]}
            rows={enough.map((row) => ({
              key: `${row.product} ${row.gear}`,
              cells: [
                <Material key="what" label={row.label} swatch={row.swatch} />,
                row.needed ?? "to wear",
                row.there,
                row.pieces.join(", "),
              ],
            }))}
          />
        </Part>
      )}
      <Typography sx={{ color: "text.secondary" }}>
        Prices are those of your own products, else usual ones; what you really paid is asked when you tick it off.
      </Typography>
      {bought && (
        <ContainerDialog
          product={bought.product}
          start={{ size: bought.size, count: bought.count, paid: bought.paid }}
          currency={currency}
          onClose={() => setBought(null)}
        />
      )}
    </>
  );
}
