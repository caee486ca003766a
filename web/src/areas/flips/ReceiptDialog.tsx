// A receipt with all its lines in one dialog, begun from a piece.
import Dialog from "../../kit/BackDialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import DialogActions from "@mui/material/DialogActions";
import Button from "@mui/material/Button";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useDayOffers } from "../../api/queries";
import type { Workshop } from "../../api/types";
import type { Named } from "../../kit/fields";
import { ReceiptForm } from "./ReceiptForm";
import { t } from "../../locales/flips";

export default function ReceiptDialog({
  piece,
  workshop,
  onClose,
}: {
  piece: Named;
  workshop: Workshop;
  onClose: () => void;
}) {
  const phone = useMediaQuery("(max-width:599px)");
  const shops = useDayOffers().data?.shops ?? [];
  return (
    <Dialog open fullScreen={phone} maxWidth="lg" onClose={onClose} aria-labelledby="receipt-title">
      <DialogTitle id="receipt-title">{t("receiptDialog.enterReceipt")}</DialogTitle>
      <DialogContent>
        <ReceiptForm workshop={workshop} shops={shops} piece={piece} onDone={onClose} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t("receiptDialog.close")}</Button>
      </DialogActions>
    </Dialog>
  );
}
