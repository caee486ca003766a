// Photos of a piece: taken or chosen, several at once, in order with captions; before and after side by side.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import LinearProgress from "@mui/material/LinearProgress";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState, type PointerEvent } from "react";
import type { Photo } from "../../api/types";
import { Fold } from "../Fold";
import { Part } from "../Part";
import { PHOTO_KINDS } from "./kinds";
import { PhotoCard } from "./PhotoCard";
import { type Owner, useUpload } from "./useUpload";
import { FileButton } from "../FileButton";
import Slider from "@mui/material/Slider";
import { PlainList, Row } from "../layout";
import { t } from "../../locales/kit";

// Before and after in one frame, with a divider that is dragged, or moved by the arrow keys.
const fill = { position: "absolute", inset: 0, width: "100%", height: "100%", objectFit: "cover" } as const;
const sign = {
  position: "absolute",
  bottom: 8,
  bgcolor: "background.paper",
  color: "text.primary",
  px: 1,
  fontWeight: 600,
  fontSize: 14,
} as const;

function BeforeAfter({ before, after }: { before: Photo; after: Photo }) {
  const [share, setShare] = useState(50);
  const follow = (event: PointerEvent<HTMLElement>) => {
    if (event.type === "pointermove" && event.buttons !== 1) return;
    const frame = event.currentTarget.getBoundingClientRect();
    setShare(Math.round(Math.min(100, Math.max(0, ((event.clientX - frame.left) / frame.width) * 100))));
  };
  return (
    <Box sx={{ maxWidth: 560, mb: 3 }}>
      <Box
        onPointerDown={follow}
        onPointerMove={follow}
        data-share={share}
        sx={{
          position: "relative",
          aspectRatio: "4 / 3",
          overflow: "hidden",
          touchAction: "pan-y",
          cursor: "ew-resize",
          userSelect: "none",
        }}
      >
        <img src={after.large} alt={after.caption ?? t("photosPart.after")} style={fill} draggable={false} />
        <img
          src={before.large}
          alt={before.caption ?? t("photosPart.before")}
          style={{ ...fill, clipPath: `inset(0 ${100 - share}% 0 0)` }}
          draggable={false}
        />
        <Box
          sx={{
            position: "absolute",
            top: 0,
            bottom: 0,
            width: 3,
            bgcolor: "#fff",
            boxShadow: "0 0 0 1px rgba(0,0,0,.45)",
          }}
          style={{ left: `calc(${share}% - 1px)` }}
        />
        {share > 20 && <Box sx={{ ...sign, left: 8 }}>{t("photosPart.before2")}</Box>}
        {share < 80 && <Box sx={{ ...sign, right: 8 }}>{t("photosPart.after2")}</Box>}
      </Box>
      <Slider
        size="small"
        value={share}
        onChange={(_, value) => setShare(value as number)}
        aria-label={t("photosPart.sliderBetweenBeforeAfter")}
        getAriaValueText={(value) => t("photosPart.before3", { value })}
        className="no-print"
      />
    </Box>
  );
}

type Props = { photos: Photo[]; owner: Owner; start: string; folded?: boolean };

// folded: to one line that says how many there are.
export function PhotosPart({ folded = false, ...rest }: Props) {
  if (!folded)
    return (
      <Part title={t("photosPart.photos")}>
        <Photos {...rest} />
      </Part>
    );
  const kinds = PHOTO_KINDS.map(({ key, label }) => [label, rest.photos.filter((one) => one.kind === key).length]);
  const summary = kinds.filter(([, count]) => count).map(([label, count]) => `${String(label).toLowerCase()} ${count}`);
  return (
    <Fold title={t("photosPart.photos")} summary={summary.join(" · ") || t("photosPart.photosYet")}>
      <Photos {...rest} />
    </Fold>
  );
}

function Photos({ photos, owner, start }: Omit<Props, "folded">) {
  const [kind, setKind] = useState(start);
  const { send, progress, refused, forget } = useUpload(owner);
  const before = photos.find((photo) => photo.kind === "before");
  const after = photos.find((photo) => photo.face) ?? [...photos].reverse().find((photo) => photo.kind === "after");
  return (
    <>
      <Row className="no-print" sx={{ mb: 1.5 }}>
        <TextField
          select
          label={t("photosPart.theseShow")}
          value={kind}
          onChange={(event) => setKind(event.target.value)}
          sx={{ width: 150 }}
        >
          {PHOTO_KINDS.map((one) => (
            <MenuItem key={one.key} value={one.key}>
              {one.label}
            </MenuItem>
          ))}
        </TextField>
        <FileButton
          variant="contained"
          disabled={progress !== null}
          accept="image/jpeg,image/png,image/webp,image/heic,image/heif"
          files={t("photosPart.photoFiles")}
          multiple
          onFiles={(files) => void send(files, kind)}
        >
          {t("photosPart.addPhotos")}
        </FileButton>
        <FileButton
          variant="outlined"
          disabled={progress !== null}
          sx={{ display: { md: "none" } }}
          accept="image/*"
          files={t("photosPart.camera")}
          camera
          onFiles={(files) => void send(files, kind)}
        >
          {t("photosPart.takePhoto")}
        </FileButton>
      </Row>
      {progress && (
        <Box sx={{ mb: 1.5 }}>
          <span role="status">
            {t("photosPart.photo", { done: progress.done + 1, of: progress.of, progress: progress.name })}
          </span>
          <LinearProgress
            variant="determinate"
            value={(progress.done / progress.of) * 100}
            aria-label={t("photosPart.uploadingPhotos")}
          />
        </Box>
      )}
      {refused.length > 0 && (
        <Alert severity="error" onClose={forget} sx={{ mb: 1.5 }}>
          {refused.map((message) => (
            <div key={message}>{message}</div>
          ))}
        </Alert>
      )}
      {before && after && after.id !== before.id && <BeforeAfter before={before} after={after} />}
      {photos.length === 0 ? (
        <Typography sx={{ color: "text.secondary" }}>{t("photosPart.photosYetQuickBefore")}</Typography>
      ) : (
        <PlainList sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(200px, 1fr))", gap: 2 }}>
          {photos.map((photo, place) => (
            <PhotoCard key={photo.id} photo={photo} place={place} count={photos.length} facing={"piece_id" in owner} />
          ))}
        </PlainList>
      )}
    </>
  );
}
