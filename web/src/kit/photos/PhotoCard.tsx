// One photo in its place: what it shows, its caption, moved by buttons, chosen as the face of its piece.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "@mui/material/Link";
import { useState } from "react";
import { api } from "../../api/client";
import type { Photo } from "../../api/types";
import { useSave } from "../session/useSave";
import { useUndo } from "../session/undo";
import { FormDialog } from "../FormDialog";
import { PHOTO_KINDS } from "./kinds";
import { Quiet } from "../layout";
import { t } from "../../locales/kit";

type Props = { photo: Photo; place: number; count: number; facing: boolean };

export function PhotoCard({ photo, place, count, facing }: Props) {
  const [editing, setEditing] = useState(false);
  const save = useSave();
  const { remove, failed } = useUndo();
  const path = { params: { path: { id: photo.id } } };
  const name = t("photoCard.photo", { photo: photo.label.toLowerCase(), place: place + 1 });
  const act = (body: { kind?: string; caption?: string; position?: number; face?: boolean }, message: string) =>
    void save(api.PATCH("/api/photos/{id}", { ...path, body }), message).catch(failed);
  const tight = { minWidth: 40, px: 0.5 };
  return (
    <Box component="li" sx={{ breakInside: "avoid" }}>
      <Link href={photo.large} target="_blank" rel="noreferrer">
        <img
          src={photo.small}
          alt={photo.caption ?? photo.label}
          width={photo.width}
          height={photo.height}
          loading="lazy"
          style={{ width: "100%", height: "auto", display: "block" }}
        />
      </Link>
      <Box sx={{ pt: 0.5 }}>
        <b>{photo.label}</b>
        {photo.face && (
          <Box component="span" sx={{ color: "secondary.main" }}>
            {t("photoCard.facePiece")}
          </Box>
        )}
        {photo.caption && <Quiet>{photo.caption}</Quiet>}
      </Box>
      <Box className="no-print" sx={{ display: "flex", flexWrap: "wrap" }}>
        <Button
          sx={tight}
          disabled={place === 0}
          aria-label={t("photoCard.moveForward", { name })}
          onClick={() => act({ position: place - 1 }, t("photoCard.photoMoved"))}
        >
          ←
        </Button>
        <Button
          sx={tight}
          disabled={place === count - 1}
          aria-label={t("photoCard.moveBack", { name })}
          onClick={() => act({ position: place + 1 }, t("photoCard.photoMoved"))}
        >
          →
        </Button>
        <Button sx={tight} onClick={() => setEditing(true)} aria-label={t("photoCard.edit", { name })}>
          {t("photoCard.edit2")}
        </Button>
        {facing && (
          <Button
            sx={tight}
            aria-label={photo.face ? t("photoCard.removeCover", { name }) : t("photoCard.useCover", { name })}
            onClick={() =>
              act({ face: !photo.face }, photo.face ? t("photoCard.longerCover") : t("photoCard.coverPhotoSet"))
            }
          >
            {photo.face ? t("photoCard.removeCover2") : t("photoCard.cover")}
          </Button>
        )}
        <Button
          sx={tight}
          color="inherit"
          aria-label={t("photoCard.remove", { name })}
          onClick={() => void remove(api.DELETE("/api/photos/{id}", path))}
        >
          {t("photoCard.remove2")}
        </Button>
      </Box>
      {editing && (
        <FormDialog
          title={t("photoCard.editPhoto")}
          submit={t("photoCard.save")}
          fields={[
            {
              name: "kind",
              label: t("photoCard.whatShows"),
              kind: "select",
              options: [...PHOTO_KINDS, { key: "receipt", label: t("photoCard.receipt") }],
            },
            { name: "caption", label: t("photoCard.caption"), kind: "text" },
          ]}
          initial={{ kind: photo.kind, caption: photo.caption ?? "" }}
          onClose={() => setEditing(false)}
          onSubmit={async (values) => {
            const body = { kind: values.kind, caption: values.caption ?? "" };
            await save(api.PATCH("/api/photos/{id}", { ...path, body }), t("photoCard.photoSaved"));
            setEditing(false);
          }}
        />
      )}
    </Box>
  );
}
