// The week ahead as a strip: how full each day's hours are, what is ready, where it rains.
import Box from "@mui/material/Box";
import { Link } from "react-router";
import type { DayBrief } from "../../api/types";
import { Part } from "../../kit/Part";
import { PlainList } from "../../kit/layout";
import { t } from "../../locales/bench";

const HEIGHT = 44;

export function WeekStrip({ days }: { days: DayBrief[] }) {
  const longest = Math.max(...days.map((day) => day.hours?.seconds ?? 0), 3600);
  return (
    <Part title={t("weekStrip.weekAhead")}>
      <PlainList
        component="ol"
        sx={{ display: "grid", gridTemplateColumns: { xs: "repeat(7, minmax(92px, 1fr))" }, overflowX: "auto" }}
      >
        {days.map((day, place) => {
          const hours = day.hours?.seconds ?? 0;
          const booked = day.booked?.seconds ?? 0;
          return (
            <Box component="li" key={day.day?.iso} sx={{ borderRight: 1, borderColor: "divider", px: 1, pb: 1 }}>
              <Box sx={{ fontWeight: place === 0 ? 600 : 500 }}>{place === 0 ? t("weekStrip.today") : day.weekday}</Box>
              <Box aria-hidden sx={{ height: HEIGHT, display: "flex", alignItems: "flex-end", my: 0.5 }}>
                <Box
                  sx={{
                    width: "100%",
                    height: (hours / longest) * HEIGHT,
                    border: hours ? 1 : 0,
                    borderColor: "primary.main",
                    position: "relative",
                  }}
                >
                  <Box
                    sx={{
                      position: "absolute",
                      bottom: 0,
                      width: "100%",
                      height: hours ? `${Math.min(100, (booked / hours) * 100)}%` : 0,
                      bgcolor: "primary.main",
                      opacity: 0.55,
                    }}
                  />
                </Box>
              </Box>
              <Box sx={{ fontSize: 14 }}>
                {hours ? t("weekStrip.of", { booked: day.booked?.text, hours: day.hours?.text }) : t("weekStrip.off")}
              </Box>
              {day.wet && <Box sx={{ fontSize: 14, color: "warning.main" }}>{t("weekStrip.rain")}</Box>}
              {day.ends.map((name) => (
                <Box key={name} sx={{ fontSize: 14, color: "secondary.main" }}>
                  {t("weekStrip.ready", { name })}
                </Box>
              ))}
            </Box>
          );
        })}
      </PlainList>
      <Box sx={{ py: 1 }}>
        <Link to="/week">{t("weekStrip.wholeWeek")}</Link>
      </Box>
    </Part>
  );
}
