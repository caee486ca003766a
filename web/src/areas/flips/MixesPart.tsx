// Colours on a piece, out of a tin or mixed: their zones and coats, and where some of each still stands, for a
// touch-up.
import Box from "@mui/material/Box";
import { Link } from "react-router";
import { usePieceMixes } from "../../api/queries";
import { Fold } from "../../kit/Fold";
import { Swatch } from "../../kit/Swatch";
import { Quiet, Row } from "../../kit/layout";

export function MixesPart({ id }: { id: number }) {
  const { data } = usePieceMixes(id);
  if (!data || data.mixes.length + data.colours.length === 0) return null;
  return (
    <Fold
      title="Colours on it"
      summary={[...data.colours.map((one) => one.label), ...data.mixes.map((one) => one.mix.name)].join(", ")}
    >
      {data.colours.map(({ label, swatch, zones, needed, coats, stands }) => (
        <Row key={label} wrap={false} gap={1.5} align="stretch" sx={{ py: 1, borderBottom: 1, borderColor: "divider" }}>
          <Swatch colour={swatch} />
          <Box sx={{ minWidth: 0 }}>
            <Box sx={{ fontWeight: 600 }}>{label}</Box>
            <Box>{zones || "not in the look now"}</Box>
            <Quiet>
              {coats.map((coat) => `${coat.step ?? "taken"}: ${coat.amount}, ${coat.on?.text}`).join("; ") ||
                "no coat of it yet"}
            </Quiet>
            <Quiet>
              {stands.length
                ? `${needed ? "On the shelf" : "For a touch-up"}: ${stands.map((one) => [one.left, one.place].filter(Boolean).join(", ")).join("; ")}`
                : "None stands on the shelf"}
              {needed && ` · ${needed} still needed`}
            </Quiet>
          </Box>
        </Row>
      ))}
      {data.mixes.map(({ mix, zones, needed, coats, stands }) => (
        <Row
          key={mix.id}
          wrap={false}
          gap={1.5}
          align="stretch"
          sx={{ py: 1, borderBottom: 1, borderColor: "divider" }}
        >
          <Swatch colour={mix.swatch} />
          <Box sx={{ minWidth: 0 }}>
            <Link to={`/shelf/mixes/${mix.id}`} style={{ fontWeight: 600 }}>
              {mix.name}
            </Link>
            <Box>{zones || "not in the look now"}</Box>
            <Quiet>
              {coats
                .map(
                  (coat) =>
                    `${coat.step ?? "taken"}: ${coat.amount}${coat.version ? `, version ${coat.version}` : ""}, ${coat.on?.text}`,
                )
                .join("; ") || "no coat of it yet"}
            </Quiet>
            <Quiet>
              {stands.length
                ? `For a touch-up: ${stands.map((one) => `${one.left}${one.version ? ` of version ${one.version}` : ""}${one.place && `, ${one.place}`}`).join("; ")}`
                : `None is left: mix it anew, ${mix.parts.map((part) => `${part.parts} ${part.label}`).join(" to ")}`}
              {needed && ` · ${needed} still needed`}
            </Quiet>
          </Box>
        </Row>
      ))}
    </Fold>
  );
}
