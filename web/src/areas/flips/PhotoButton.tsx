// Takes or adds photos with one tap, and says how far they are and which were refused.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type Owner, useUpload } from "../../kit/photos/useUpload";

export function PhotoButton({ owner, kind, short }: { owner: Owner; kind: string; short: boolean }) {
  const { send, progress, refused, forget } = useUpload(owner);
  return (
    <>
      <Button component="label" variant={short ? "outlined" : "text"} disabled={progress !== null}>
        {progress ? `${progress.done + 1} of ${progress.of}` : short ? "Photo" : "Add photo"}
        <input
          hidden
          multiple={!short}
          type="file"
          accept="image/*"
          capture={short ? "environment" : undefined}
          aria-label="Photo of the piece"
          onClick={(event) => (event.currentTarget.value = "")}
          onChange={(event) => event.target.files && void send(Array.from(event.target.files), kind)}
        />
      </Button>
      {refused.length > 0 && (
        <Box role="alert" sx={{ color: "error.main" }}>
          {refused.join(" ")} <Button onClick={forget}>Close</Button>
        </Box>
      )}
    </>
  );
}
