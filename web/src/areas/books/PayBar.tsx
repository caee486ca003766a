// What a group pays an hour, drawn: its middle as a mark, how far it is in doubt as a whisker, on the scale of all
// groups.
import Box from "@mui/material/Box";

export interface Scale {
  from: number;
  to: number;
}

/** The scale that holds every chart figure and nothing earned. chart: [middle, low, high] of each group. */
export function scaleOf(charts: number[][]): Scale {
  const all = [0, ...charts.flat()];
  return { from: Math.min(...all), to: Math.max(...all, Math.min(...all) + 1) };
}

// bar: with a bar from nothing earned to the middle.
export function PayBar({ chart, scale, bar = false }: { chart: number[]; scale: Scale; bar?: boolean }) {
  const at = (value: number) => `${((value - scale.from) / (scale.to - scale.from)) * 100}%`;
  const [middle = 0, low = 0, high = 0] = chart;
  const line = { position: "absolute", top: "50%", height: 2, mt: "-1px" } as const;
  return (
    <Box aria-hidden sx={{ position: "relative", height: bar ? 22 : 14, width: "100%", minWidth: 120 }}>
      {bar && (
        <Box
          sx={{
            position: "absolute",
            top: 4,
            bottom: 4,
            left: at(Math.min(middle, 0)),
            right: `calc(100% - ${at(Math.max(middle, 0))})`,
            bgcolor: middle < 0 ? "error.main" : "primary.main",
            opacity: 0.35,
          }}
        />
      )}
      <Box sx={{ position: "absolute", top: 0, bottom: 0, left: at(0), borderLeft: 1, borderColor: "divider" }} />
      <Box sx={{ ...line, left: at(low), right: `calc(100% - ${at(high)})`, bgcolor: "text.secondary" }} />
      <Box
        sx={{
          position: "absolute",
          top: 2,
          bottom: 2,
          left: at(middle),
          width: 8,
          ml: "-4px",
          borderRadius: 0.5,
          bgcolor: middle < 0 ? "error.main" : "primary.main",
        }}
      />
    </Box>
  );
}
