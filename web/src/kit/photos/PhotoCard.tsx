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

type Props = { photo: Photo; place: number; count: number; facing: boolean };

export function PhotoCard({ photo, place, count, facing }: Props) {
  const [editing, setEditing] = useState(false);
  const save = useSave();
  const { remove, failed } = useUndo();
  const path = { params: { path: { id: photo.id } } };
  const name = `${photo.label.toLowerCase()} photo ${place + 1}`;
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
            {" · face of the piece"}
          </Box>
        )}
        {photo.caption && <Quiet>{photo.caption}</Quiet>}
      </Box>
      <Box className="no-print" sx={{ display: "flex", flexWrap: "wrap" }}>
        <Button
          sx={tight}
          disabled={place === 0}
          aria-label={`Move ${name} forward`}
          onClick={() => act({ position: place - 1 }, "Photo moved")}
        >
          ←
        </Button>
        <Button
          sx={tight}
          disabled={place === count - 1}
          aria-label={`Move ${name} back`}
          onClick={() => act({ position: place + 1 }, "Photo moved")}
        >
          →
        </Button>
        <Button sx={tight} onClick={() => setEditing(true)} aria-label={`Describe ${name}`}>
          Describe
        </Button>
        {facing && (
          <Button
            sx={tight}
            aria-label={photo.face ? `Do not show ${name} as the face` : `Show ${name} as the face`}
            onClick={() =>
              act({ face: !photo.face }, photo.face ? "No longer the face" : "This is the face of the piece")
            }
          >
            {photo.face ? "Unface" : "Face"}
          </Button>
        )}
        <Button
          sx={tight}
          color="inherit"
          aria-label={`Remove ${name}`}
          onClick={() => void remove(api.DELETE("/api/photos/{id}", path))}
        >
          Remove
        </Button>
      </Box>
      {editing && (
        <FormDialog
          title="Describe the photo"
          submit="Save"
          fields={[
            {
              name: "kind",
              label: "It shows",
              kind: "select",
              options: [...PHOTO_KINDS, { key: "receipt", label: "Receipt" }],
            },
            { name: "caption", label: "Caption", kind: "text" },
          ]}
          initial={{ kind: photo.kind, caption: photo.caption ?? "" }}
          onClose={() => setEditing(false)}
          onSubmit={async (values) => {
            const body = { kind: values.kind, caption: values.caption ?? "" };
            await save(api.PATCH("/api/photos/{id}", { ...path, body }), "Photo described");
            setEditing(false);
          }}
        />
      )}
    </Box>
  );
}
