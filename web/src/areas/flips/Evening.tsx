// The evening: the day's hours over all pieces at once, and receipts with their lines.
import LinearProgress from "@mui/material/LinearProgress";
import { useDayOffers, useWorkshop } from "../../api/queries";
import { Failure } from "../../kit/Failure";
import { isKept } from "../../kit/kept";
import { PageHead } from "../../kit/PageHead";
import { TODAY_PAGES } from "../../kit/sections";
import { SubNav } from "../../kit/SubNav";
import { DayPart } from "./DayPart";
import { Part } from "../../kit/Part";
import { ReceiptForm } from "./ReceiptForm";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { api } from "../../api/client";
import type { DayOffers } from "../../api/types";
import { useUpload } from "../../kit/photos/useUpload";
import { useUndo } from "../../kit/session/undo";
import { FileButton } from "../../kit/FileButton";
import { PlainList, Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/flips";

export default function Evening() {
  const workshop = useWorkshop();
  const offers = useDayOffers();
  const failed = [workshop, offers].find((one) => one.error && !isKept(one));
  if (failed?.error) return <Failure error={failed.error} again={() => void failed.refetch()} />;
  if (!workshop.data || !offers.data) return <LinearProgress aria-label={t("evening.loading")} />;
  return (
    <>
      <PageHead title={t("evening.evening")} line={t("evening.recordDayWhatWorked")} />
      <SubNav name={t("evening.today")} pages={TODAY_PAGES} />
      <DayPart workshop={workshop.data} offers={offers.data.rows} yesterday={offers.data.yesterday} />
      <Part title={t("evening.receipt")}>
        <ReceiptForm workshop={workshop.data} shops={offers.data.shops} />
      </Part>
      <LateReceipts receipts={offers.data.receipts} />
    </>
  );
}

// The latest receipts: photographed, looked at, taken back.
type Late = DayOffers["receipts"][number];

function LateReceipts({ receipts }: { receipts: Late[] }) {
  if (receipts.length === 0) return null;
  return (
    <Part title={t("evening.recentReceipts")}>
      <PlainList aria-label={t("evening.recentReceipts")}>
        {receipts.map((one) => (
          <ReceiptLine key={one.id} receipt={one} />
        ))}
      </PlainList>
    </Part>
  );
}

function ReceiptLine({ receipt }: { receipt: Late }) {
  const { send, progress, refused } = useUpload({ receipt_id: receipt.id });
  const { remove } = useUndo();
  const name = receipt.shop ?? t("evening.unnamedShop");
  return (
    <Row component="li" sx={{ py: 1, borderBottom: 1, borderColor: "divider" }}>
      <Box sx={{ flex: "1 1 260px", minWidth: 0 }}>
        <Box sx={{ fontWeight: 600 }}>
          {[receipt.shop ?? t("evening.shopNamed"), receipt.spent_on?.text].filter(Boolean).join(", ")}
        </Box>
        <Quiet>{receipt.lines.join(", ")}</Quiet>
      </Box>
      <Box sx={{ minWidth: 90, textAlign: "right" }}>{`${receipt.total?.text}`}</Box>
      {receipt.photos.map((address, place) => (
        <Button key={address} size="small" component="a" href={address} target="_blank" rel="noreferrer">
          {receipt.photos.length > 1 ? t("evening.photo", { place: place + 1 }) : t("evening.photo2")}
        </Button>
      ))}
      <FileButton
        size="small"
        disabled={progress !== null}
        accept="image/*"
        files={t("evening.addPhotoReceipt", { name })}
        multiple
        onFiles={(files) => void send(files, "receipt")}
      >
        {t("evening.addPhoto")}
      </FileButton>
      <Button
        size="small"
        color="inherit"
        aria-label={t("evening.removeReceipt", { name })}
        onClick={() => void remove(api.DELETE("/api/receipts/{id}", { params: { path: { id: receipt.id } } }))}
      >
        {t("evening.remove")}
      </Button>
      {refused.length > 0 && (
        <Box role="alert" sx={{ color: "error.main" }}>
          {refused.join(" ")}
        </Box>
      )}
    </Row>
  );
}
