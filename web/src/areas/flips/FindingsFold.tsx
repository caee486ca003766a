// What was found on it, in one line, and each with what it asks for.
import Box from "@mui/material/Box";
import { Link } from "react-router";
import { usePlan } from "../../api/queries";
import { Fold } from "../../kit/Fold";

export function FindingsFold({ id }: { id: number }) {
  const { data } = usePlan(id);
  const findings = data?.findings ?? [];
  const summary = !data
    ? ""
    : findings.length === 0
      ? "not looked over yet"
      : `${findings.length}: ${findings.map((one) => one.label.toLowerCase()).join(", ")}`;
  return (
    <Fold title="Findings" summary={summary.length > 70 ? `${summary.slice(0, 68)}…` : summary}>
      {findings.map((one) => (
        <Box key={one.id} sx={{ py: 0.75, borderBottom: 1, borderColor: "divider" }}>
          <b>{one.label}</b>
          <Box component="span" sx={{ color: "text.secondary" }}>
            {[one.zone_label, one.measure, one.note].filter(Boolean).map((text) => ` · ${text}`)}
          </Box>
          <Box>{one.says}</Box>
        </Box>
      ))}
      <Box sx={{ pt: 1 }}>
        <Link to={`/pieces/${id}/over`}>{findings.length ? "Look it over again" : "Look it over"}</Link>
      </Box>
    </Fold>
  );
}
