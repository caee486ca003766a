// Takes or adds photos with one tap, and says how far they are and which were refused.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type Owner, useUpload } from "../../kit/photos/useUpload";
import { FileButton } from "../../kit/FileButton";

export function PhotoButton({ owner, kind, short }: { owner: Owner; kind: string; short: boolean }) {
  const { send, progress, refused, forget } = useUpload(owner);
  return (
    <>
      <FileButton
        variant={short ? "outlined" : "text"}
        disabled={progress !== null}
        accept="image/*"
        files="Photo of the piece"
        multiple={!short}
        camera={short}
        onFiles={(files) => void send(files, kind)}
      >
        {progress ? `${progress.done + 1} of ${progress.of}` : short ? "Photo" : "Add photo"}
      </FileButton>
      {refused.length > 0 && (
        <Box role="alert" sx={{ color: "error.main" }}>
          {refused.join(" ")} <Button onClick={forget}>Close</Button>
        </Box>
      )}
    </>
  );
}
