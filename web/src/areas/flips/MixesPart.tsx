// Colours on a piece, out of a tin or mixed: their zones and coats, and where some of each still stands, for a
// touch-up.
import Box from "@mui/material/Box";
import { Link } from "react-router";
import { usePieceMixes } from "../../api/queries";
import { Fold } from "../../kit/Fold";
import { Swatch } from "../../kit/Swatch";
import { Quiet, Row } from "../../kit/layout";
import { t } from "../../locales/flips";

export function MixesPart({ id }: { id: number }) {
  const { data } = usePieceMixes(id);
  if (!data || data.mixes.length + data.colours.length === 0) return null;
  return (
    <Fold
      title={t("mixesPart.colorsUsed")}
      summary={[...data.colours.map((one) => one.label), ...data.mixes.map((one) => one.mix.name)].join(", ")}
    >
      {data.colours.map(({ label, swatch, zones, needed, coats, stands }) => (
        <Row key={label} wrap={false} gap={1.5} align="stretch" sx={{ py: 1, borderBottom: 1, borderColor: "divider" }}>
          <Swatch colour={swatch} />
          <Box sx={{ minWidth: 0 }}>
            <Box sx={{ fontWeight: 600 }}>{label}</Box>
            <Box>{zones || t("mixesPart.longerLook")}</Box>
            <Quiet>
              {coats.map((coat) => `${coat.step ?? "taken"}: ${coat.amount}, ${coat.on?.text}`).join("; ") ||
                t("mixesPart.paintedYet")}
            </Quiet>
            <Quiet>
              {stands.length
                ? `${needed ? t("mixesPart.shelf") : t("mixesPart.touchUps")}: ${stands.map((one) => [one.left, one.place].filter(Boolean).join(", ")).join("; ")}`
                : t("mixesPart.noneShelf")}
              {needed && t("mixesPart.stillNeeded", { needed })}
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
            <Box>{zones || t("mixesPart.longerLook")}</Box>
            <Quiet>
              {coats
                .map(
                  (coat) =>
                    `${coat.step ?? "taken"}: ${coat.amount}${coat.version ? t("mixesPart.version", { version: coat.version }) : ""}, ${coat.on?.text}`,
                )
                .join("; ") || t("mixesPart.paintedYet")}
            </Quiet>
            <Quiet>
              {stands.length
                ? t("mixesPart.touchUps2", {
                    stands: stands
                      .map(
                        (one) =>
                          `${one.left}${one.version ? t("mixesPart.version2", { version: one.version }) : ""}${one.place && `, ${one.place}`}`,
                      )
                      .join("; "),
                  })
                : t("mixesPart.noneLeftMixMore", {
                    parts: mix.parts.map((part) => `${part.parts} ${part.label}`).join(t("mixesPart.to")),
                  })}
              {needed && t("mixesPart.stillNeeded", { needed })}
            </Quiet>
          </Box>
        </Row>
      ))}
    </Fold>
  );
}
