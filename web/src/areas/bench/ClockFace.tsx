// A clock that empties as something dries: what is left of its wait, a full ring at the start.
import Box from "@mui/material/Box";

const R = 19;
const ROUND = 2 * Math.PI * R;

// left: share of the wait still to come, 0 to 1.
export function ClockFace({ left, over }: { left: number; over: boolean }) {
  return (
    <Box component="svg" viewBox="0 0 48 48" width={48} height={48} aria-hidden sx={{ flexShrink: 0 }}>
      <circle cx={24} cy={24} r={R} fill="none" stroke="var(--k-palette-divider)" strokeWidth={6} />
      <circle
        cx={24}
        cy={24}
        r={R}
        fill="none"
        stroke="var(--k-palette-warning-main)"
        strokeWidth={6}
        strokeDasharray={`${left * ROUND} ${ROUND}`}
        transform="rotate(-90 24 24) scale(1 -1) translate(0 -48)"
      />
      {over && <path d="M16 24l6 6 11-12" fill="none" stroke="var(--k-palette-primary-main)" strokeWidth={3.5} />}
    </Box>
  );
}
