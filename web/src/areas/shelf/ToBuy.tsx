// What all planned work still needs, less what is on the shelf, in whole containers; ticked off while shopping at the
// price paid.
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useShopping, useWorkshop } from "../../api/queries";
import type { Shopping } from "../../api/types";
import { Empty } from "../../kit/Empty";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { Material } from "../../kit/colour/Material";
import { PageHead } from "../../kit/PageHead";
import { Part } from "../../kit/Part";
import { SHELF_PAGES } from "../../kit/sections";
import { SmallTable } from "../../kit/SmallTable";
import { SubNav } from "../../kit/SubNav";
import { ToBuyRow } from "./ToBuyRow";
import { PlainList } from "../../kit/layout";
import { t } from "../../locales/shelf";

type Row = Shopping["rows"][number];

export default function ToBuy() {
  const shopping = useShopping();
  const workshop = useWorkshop();
  if (shopping.error && !isKept(shopping))
    return <Failure error={shopping.error} again={() => void shopping.refetch()} />;
  if (!shopping.data || !workshop.data) return <LinearProgress aria-label={t("toBuy.loading")} />;
  const currency = workshop.data.symbol;
  const today = workshop.data.today.iso;
  const buy = shopping.data.rows.filter((row) => row.buy);
  const enough = shopping.data.rows.filter((row) => !row.buy);
  const total = shopping.data.total;
  return (
    <>
      <PageHead
        title={t("toBuy.shoppingList")}
        line={
          buy.length
            ? total
              ? t("toBuy.aboutAllPlannedWork", { total: total.text, currency })
              : t("toBuy.allPlannedWorkSome")
            : t("toBuy.whatAllPlannedWork")
        }
      >
        {buy.length > 0 && (
          <Button variant="outlined" onClick={() => window.print()}>
            {t("toBuy.printList")}
          </Button>
        )}
      </PageHead>
      <SubNav name={t("toBuy.shelf2")} pages={SHELF_PAGES} />
      {buy.length === 0 ? (
        <Empty title={t("toBuy.nothingBuy")}>
          <span>{enough.length ? t("toBuy.haveEverythingPlannedWork") : t("toBuy.whatPlansNeedAppears")}</span>
        </Empty>
      ) : (
        byShop(buy).map(([shop, rows]) => (
          <Part key={shop} title={shop}>
            <PlainList aria-label={t("toBuy.buy", { shop })}>
              {rows.map((row) => (
                <ToBuyRow key={`${row.product} ${row.gear}`} row={row} currency={currency} today={today} />
              ))}
            </PlainList>
          </Part>
        ))
      )}
      {enough.length > 0 && (
        <Part title={t("toBuy.alreadyShelf")}>
          <SmallTable
            label={t("toBuy.alreadyShelf")}
            columns={[t("toBuy.what"), [t("toBuy.needed")], [t("toBuy.shelf")], t("toBuy.for")]}
            rows={enough.map((row) => ({
              key: `${row.product} ${row.gear}`,
              cells: [
                <Material key="what" label={row.label} swatch={row.swatch} />,
                row.needed ?? t("toBuy.wear"),
                row.there,
                row.pieces.join(", "),
              ],
            }))}
          />
        </Part>
      )}
      <Typography sx={{ color: "text.secondary" }}>{t("toBuy.pricesOwnProductsBuilt")}</Typography>
    </>
  );
}

// Where things were bought last, then what was never bought; within a shop by colour, what has none first.
function byShop(rows: Row[]): [string, Row[]][] {
  const shops = new Map<string, Row[]>();
  for (const row of rows) shops.set(row.shop ?? "", [...(shops.get(row.shop ?? "") ?? []), row]);
  const sorted = [...shops].sort(
    ([one], [other]) => Number(one === "") - Number(other === "") || one.localeCompare(other),
  );
  const colour = (row: Row) => `${row.swatch ?? ""} ${row.label}`;
  return sorted.map(([shop, own]) => [
    shop || (sorted.length > 1 ? t("toBuy.new") : t("toBuy.anyShop")),
    [...own].sort((one, other) => colour(one).localeCompare(colour(other))),
  ]);
}
