// What is recorded on a piece most, always in reach: beside its key figures on a wide screen, under the thumb on a
// phone.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import useMediaQuery from "@mui/material/useMediaQuery";
import { lazy, Suspense, useState } from "react";
import { Link } from "react-router";
import { useTimers } from "../../api/queries";
import type { Piece, Workshop } from "../../api/types";
import { RowMenu } from "../../kit/RowMenu";
import { useOpen } from "../../kit/session/open";
import { useStopTimer } from "../../kit/session/useStopTimer";
import { CostDialog } from "./CostDialog";
import { type Owner, useUpload } from "../../kit/photos/useUpload";
import { FileButton } from "../../kit/FileButton";
import { t } from "../../locales/flips";

const DrawDialog = lazy(() => import("../../kit/DrawDialog"));
const WorkDialog = lazy(() => import("../../kit/WorkDialog"));
const ReceiptDialog = lazy(() => import("./ReceiptDialog"));

type Doing = "hours" | "cost" | "receipt" | "shelf" | null;

const under = {
  position: "fixed",
  inset: "auto 0 calc(58px + env(safe-area-inset-bottom)) 0",
  zIndex: 9,
  bgcolor: "background.default",
  borderTop: 1,
  borderColor: "divider",
  px: 1,
  py: 0.75,
  display: "flex",
  gap: 0.75,
  "& > .MuiButton-root": { flex: 1, minHeight: 48, px: 0.5 },
} as const;

type Props = { piece: Piece; workshop: Workshop; foot?: boolean };

// foot: under the thumb, on any page of the piece on a phone; else beside the key figures, where there is room. A
// dialog that it opened stays when the screen is turned.
export function PieceBar({ piece, workshop, foot = false }: Props) {
  const phone = useMediaQuery("(max-width:899px)");
  const [doing, setDoing] = useState<Doing>(null);
  const open = useOpen();
  const stop = useStopTimer();
  const timers = useTimers().data ?? [];
  const here = timers.find((timer) => timer.pieces.some((one) => one.id === piece.id));
  const named = { id: piece.id, name: piece.fields.name ?? "" };
  const free = timers.length < workshop.people.length;
  const kind = { bought: "before", "on the bench": "during" }[piece.stage] ?? "after";
  const timer = here ? (
    <Button variant="contained" color="warning" onClick={() => void stop(here)} aria-label={t("pieceBar.stopRecord")}>
      {phone ? t("pieceBar.stop") : t("pieceBar.stopRecord")}
    </Button>
  ) : (
    <Button
      variant={phone ? "contained" : "outlined"}
      disabled={!free}
      onClick={() => open.startTimer(named)}
      aria-label={t("pieceBar.startTimer")}
    >
      {phone ? t("pieceBar.start") : t("pieceBar.startTimer")}
    </Button>
  );
  const shelf = { label: t("pieceBar.useShelf"), run: () => setDoing("shelf") };
  const receipt = { label: t("pieceBar.enterReceipt"), run: () => setDoing("receipt") };
  const close = () => setDoing(null);
  return (
    <>
      <Box
        className="no-print"
        data-piece-bar
        hidden={phone !== foot}
        sx={phone === foot ? (phone ? under : { display: "flex", gap: 1, flexWrap: "wrap" }) : {}}
      >
        {timer}
        {!phone && <Button onClick={() => setDoing("hours")}>{t("pieceBar.recordHours")}</Button>}
        <Button
          variant={phone ? "outlined" : "text"}
          onClick={() => setDoing("cost")}
          aria-label={t("pieceBar.addCost")}
        >
          {phone ? t("pieceBar.cost") : t("pieceBar.addCost")}
        </Button>
        <PhotoButton owner={{ piece_id: piece.id }} kind={kind} short={phone} />
        {phone && piece.planned && (
          <Button variant="outlined" component={Link} to={`/pieces/${piece.id}/bench`}>
            {t("pieceBar.next")}
          </Button>
        )}
        <RowMenu
          name="recording"
          actions={[phone && { label: t("pieceBar.recordHours"), run: () => setDoing("hours") }, receipt, shelf]}
        />
      </Box>
      <Suspense>
        {doing === "hours" && <WorkDialog piece={named} onClose={close} />}
        {doing === "shelf" && <DrawDialog piece={named} onClose={close} />}
        {doing === "receipt" && <ReceiptDialog piece={named} workshop={workshop} onClose={close} />}
      </Suspense>
      {doing === "cost" && <CostDialog piece={named} workshop={workshop} onClose={close} />}
    </>
  );
}

// Takes or adds photos with one tap, and says how far they are and which were refused.
function PhotoButton({ owner, kind, short }: { owner: Owner; kind: string; short: boolean }) {
  const { send, progress, refused, forget } = useUpload(owner);
  return (
    <>
      <FileButton
        variant={short ? "outlined" : "text"}
        disabled={progress !== null}
        accept="image/*"
        files={t("pieceBar.photoPiece")}
        multiple={!short}
        camera={short}
        onFiles={(files) => void send(files, kind)}
      >
        {progress
          ? t("pieceBar.of", { done: progress.done + 1, of: progress.of })
          : short
            ? t("pieceBar.photo")
            : t("pieceBar.addPhoto")}
      </FileButton>
      {refused.length > 0 && (
        <Box role="alert" sx={{ color: "error.main" }}>
          {refused.join(" ")} <Button onClick={forget}>{t("pieceBar.close")}</Button>
        </Box>
      )}
    </>
  );
}
