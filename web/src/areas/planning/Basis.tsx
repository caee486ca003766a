// What an estimate rests on, small beside it.
import Typography from "@mui/material/Typography";

export function Basis({ of }: { of: string }) {
  return (
    <Typography component="span" variant="caption" sx={{ color: "text.secondary", ml: 0.75 }}>
      {of}
    </Typography>
  );
}
