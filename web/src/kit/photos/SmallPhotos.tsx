// Photos of something that has no page of its own: shown small, added, taken away.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "../BackDialog";
import DialogActions from "@mui/material/DialogActions";
import { useState } from "react";
import { api } from "../../api/client";
import type { Photo } from "../../api/types";
import { useUndo } from "../session/undo";
import { type Owner, useUpload } from "./useUpload";
import { FileButton } from "../FileButton";
import { t } from "../../locales/kit";

type Props = { owner: Owner; name: string; photos: Photo[] };

export function SmallPhotos({ owner, name, photos }: Props) {
  const { send, progress, refused } = useUpload(owner);
  const [shown, setShown] = useState<Photo | null>(null);
  const { remove } = useUndo();
  const takeAway = async (photo: Photo) => {
    if (await remove(api.DELETE("/api/photos/{id}", { params: { path: { id: photo.id } } }))) setShown(null);
  };
  return (
    <>
      {photos.map((photo, place) => (
        <Box
          key={photo.id}
          component="button"
          type="button"
          onClick={() => setShown(photo)}
          aria-label={t("smallPhotos.photo", { place: place + 1, name })}
          sx={{ border: 0, p: 0.25, background: "none", cursor: "zoom-in", verticalAlign: "middle" }}
        >
          <img
            src={photo.small}
            alt=""
            width={44}
            height={44}
            loading="lazy"
            style={{ objectFit: "cover", display: "block" }}
          />
        </Box>
      ))}
      <FileButton
        size="small"
        disabled={progress !== null}
        aria-label={t("smallPhotos.addPhoto", { name })}
        accept="image/*"
        files={t("smallPhotos.photoFile", { name })}
        multiple
        onFiles={(files) => void send(files, "during")}
      >
        {t("smallPhotos.addPhoto2")}
      </FileButton>
      {refused.length > 0 && (
        <Box role="alert" sx={{ color: "error.main" }}>
          {refused.join(" ")}
        </Box>
      )}
      {shown && (
        <Dialog open onClose={() => setShown(null)} maxWidth="md" aria-label={t("smallPhotos.photo2", { name })}>
          <img src={shown.large} alt={name} style={{ maxWidth: "100%", height: "auto" }} />
          <DialogActions>
            <Button color="inherit" onClick={() => void takeAway(shown)}>
              {t("smallPhotos.removePhoto")}
            </Button>
            <Button onClick={() => setShown(null)}>{t("smallPhotos.close")}</Button>
          </DialogActions>
        </Dialog>
      )}
    </>
  );
}
