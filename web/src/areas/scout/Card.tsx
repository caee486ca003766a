// One page to print for where there is no connection: the most you should pay by kind and condition.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { useScoutCard, useWorkshop } from "../../api/queries";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { SCOUT_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { t } from "../../locales/scout";

export default function Card() {
  const card = useScoutCard();
  const workshop = useWorkshop();
  if (card.error && !isKept(card)) return <Failure error={card.error} again={() => void card.refetch()} />;
  if (!card.data || !workshop.data) return <LinearProgress aria-label={t("card.loading")} />;
  const { conditions, rows, date, target_pay: target } = card.data;
  const currency = workshop.data.symbol;
  const line = target
    ? t("card.onePieceTargetPay", { currency, target: target.text, date: date?.text })
    : t("card.setTargetPayHouse");
  return (
    <>
      <PageHead title={t("card.mostShouldPay")} line={line}>
        <Button variant="contained" onClick={() => window.print()}>
          {t("card.print")}
        </Button>
      </PageHead>
      <SubNav name={t("card.scout")} pages={SCOUT_PAGES} />
      <Table
        size="small"
        sx={{ maxWidth: 760, "& td, & th": { py: { xs: 0.75, md: 0.4 }, "@media print": { py: 0.15 } } }}
      >
        <TableHead>
          <TableRow>
            <TableCell>{t("card.kind")}</TableCell>
            {conditions.map((one) => (
              <TableCell key={one.key} align="right">
                {one.label}
              </TableCell>
            ))}
            <TableCell sx={{ display: { xs: "none", sm: "table-cell" } }}>{t("card.expectedPrice")}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.map((row) => (
            <TableRow key={row.kind}>
              <TableCell component="th" scope="row">
                {row.kind}
              </TableCell>
              {row.cells.map((cell) => (
                <TableCell key={cell.condition} align="right" title={cell.why ?? undefined}>
                  {cell.most ? (cell.most.minor < 0 ? "never" : cell.most.text) : t("card.unknown")}
                </TableCell>
              ))}
              <TableCell sx={{ color: "text.secondary", display: { xs: "none", sm: "table-cell" } }}>
                {row.source ?? t("card.unknown")}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      <Box
        component="dl"
        sx={{ mt: 2, fontSize: 14, display: "grid", gridTemplateColumns: "auto 1fr", columnGap: 1.5, maxWidth: 760 }}
      >
        {conditions.map((one) => (
          <Box key={one.key} sx={{ display: "contents" }}>
            <Box component="dt" sx={{ fontWeight: 600 }}>
              {one.label}
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {one.looks}: {one.assumes}
            </Box>
          </Box>
        ))}
      </Box>
      <Box sx={{ fontSize: 14, mt: 1 }}>{t("card.neverEvenFreeWouldnt")}</Box>
    </>
  );
}
