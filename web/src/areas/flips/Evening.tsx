// The evening: the day's hours over all pieces at once, and receipts with their lines.
import LinearProgress from "@mui/material/LinearProgress";
import { useDayOffers, useWorkshop } from "../../api/queries";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { TODAY_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { DayPart } from "./DayPart";
import { LateReceipts } from "./LateReceipts";
import { Part } from "../../kit/Part";
import { ReceiptForm } from "./ReceiptForm";

export default function Evening() {
  const workshop = useWorkshop();
  const offers = useDayOffers();
  const failed = [workshop, offers].find((one) => one.error && !isKept(one));
  if (failed?.error) return <Failure error={failed.error} again={() => void failed.refetch()} />;
  if (!workshop.data || !offers.data) return <LinearProgress aria-label="Loading" />;
  return (
    <>
      <PageHead title="The evening" line="Write down the day: how long on what, and what was bought." />
      <SubNav name="Today" pages={TODAY_PAGES} />
      <DayPart workshop={workshop.data} offers={offers.data.rows} yesterday={offers.data.yesterday} />
      <Part title="A receipt">
        <ReceiptForm workshop={workshop.data} shops={offers.data.shops} />
      </Part>
      <LateReceipts receipts={offers.data.receipts} currency={workshop.data.currency} />
    </>
  );
}
