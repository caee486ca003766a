// A cost's receipt: photographed onto it, and shown.
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Cost } from "../../api/types";
import { useUpload } from "../../kit/photos/useUpload";
import { FileButton } from "../../kit/FileButton";

export function ReceiptButton({ cost }: { cost: Cost }) {
  const { send, progress, refused } = useUpload({ cost_id: cost.id });
  return (
    <>
      {cost.receipts.map((small, place) => (
        <Button
          key={small}
          size="small"
          component="a"
          href={small.replace("-small", "")}
          target="_blank"
          rel="noreferrer"
          aria-label={`Receipt ${place + 1} of ${cost.what}`}
        >
          Receipt
        </Button>
      ))}
      {cost.receipts.length === 0 && (
        <FileButton
          size="small"

          disabled={progress !== null}
          aria-label={`Photograph the receipt of ${cost.what}`}
          accept="image/*"
          files={`Receipt file of ${cost.what}`}
          onFiles={(files) => void send(files, "receipt")}
        >
          Receipt…
        </FileButton>
      )}
      {refused.length > 0 && (
        <Box role="alert" sx={{ color: "error.main" }}>
          {refused.join(" ")}
        </Box>
      )}
    </>
  );
}
