// A dialog that Back closes first.
import Dialog, { type DialogProps } from "@mui/material/Dialog";
import { useBackCloses } from "./dialogPlaces";

export default function BackDialog(props: DialogProps) {
  const { open, onClose } = props;
  useBackCloses(open, () => onClose?.({}, "escapeKeyDown"));
  return <Dialog {...props} />;
}
