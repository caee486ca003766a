// Photos of a piece: taken or chosen, several at once, in order with captions; before and after side by side.
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import LinearProgress from "@mui/material/LinearProgress";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Photo } from "../../api/types";
import { Fold } from "../Fold";
import { Part } from "../Part";
import { BeforeAfter } from "./BeforeAfter";
import { PHOTO_KINDS } from "./kinds";
import { PhotoCard } from "./PhotoCard";
import { type Owner, useUpload } from "./useUpload";
import { FileButton } from "../FileButton";

type Props = { photos: Photo[]; owner: Owner; start: string; folded?: boolean };

// folded: to one line that says how many there are.
export function PhotosPart({ folded = false, ...rest }: Props) {
  if (!folded)
    return (
      <Part title="Photos">
        <Photos {...rest} />
      </Part>
    );
  const kinds = PHOTO_KINDS.map(({ key, label }) => [label, rest.photos.filter((one) => one.kind === key).length]);
  const summary = kinds.filter(([, count]) => count).map(([label, count]) => `${String(label).toLowerCase()} ${count}`);
  return (
    <Fold title="Photos" summary={summary.join(" · ") || "none yet"}>
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
      <Box className="no-print" sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center", mb: 1.5 }}>
        <TextField
          select
          label="They show"
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
          files="Photo files"
          multiple
          onFiles={(files) => void send(files, kind)}
        >
          Add photos
        </FileButton>
        <FileButton
          variant="outlined"
          disabled={progress !== null}
          sx={{ display: { md: "none" } }}
          accept="image/*"
          files="Camera"
          camera
          onFiles={(files) => void send(files, kind)}
        >
          Take one
        </FileButton>
      </Box>
      {progress && (
        <Box sx={{ mb: 1.5 }}>
          <span role="status">{`Photo ${progress.done + 1} of ${progress.of}: ${progress.name}`}</span>
          <LinearProgress
            variant="determinate"
            value={(progress.done / progress.of) * 100}
            aria-label="Sending photos"
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
        <Typography sx={{ color: "text.secondary" }}>
          None yet. A “before” is quickly taken and sells the “after”. Place and camera data are removed from every
          photo.
        </Typography>
      ) : (
        <Box
          component="ul"
          sx={{
            listStyle: "none",
            m: 0,
            p: 0,
            display: "grid",
            gridTemplateColumns: "repeat(auto-fill, minmax(200px, 1fr))",
            gap: 2,
          }}
        >
          {photos.map((photo, place) => (
            <PhotoCard key={photo.id} photo={photo} place={place} count={photos.length} facing={"piece_id" in owner} />
          ))}
        </Box>
      )}
    </>
  );
}
