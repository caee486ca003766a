// Where a piece comes from and what it belongs to: lot, split, set, spotted piece, others just like it; and what is
// known of it.
import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Piece, PieceFields } from "../../api/types";
import { t } from "../../locales/flips";

export function OriginLine({ piece }: { piece: Piece }) {
  const { lot, split_from: from, split_into: into, set, prospect, mates } = piece;
  const parts: [string, ReactNode][] = [];
  if (lot)
    parts.push([
      "lot",
      <Link key="lot" to={`/scout/lots/${lot.id}`}>
        {t("originLine.lot", {
          lot: lot.name,
          more: lot.pieces === 1 ? t("originLine.own") : t("originLine.more", { pieces: lot.pieces - 1 }),
        })}
      </Link>,
    ]);
  if (from)
    parts.push([
      "from",
      <Link key="from" to={`/pieces/${from.id}`}>
        {t("originLine.split", { ticket: from.ticket, from: from.name })}
      </Link>,
    ]);
  if (into)
    parts.push([
      "into",
      <span key="into">
        {t("originLine.splitInto")}{" "}
        {into.parts.map((part, place) => (
          <span key={part.id}>
            {place > 0 && ", "}
            <Link to={`/pieces/${part.id}`}>{`${part.ticket} ${part.name}`}</Link>
          </span>
        ))}
      </span>,
    ]);
  if (set)
    parts.push([
      "set",
      <Link key="set" to={`/floor/sets/${set.id}`}>
        {t("originLine.set", { set: set.name })}
      </Link>,
    ]);
  if (prospect)
    parts.push([
      "prospect",
      <Link key="prospect" to={`/scout/${prospect.id}`}>
        {t("originLine.spottedFirst")}
      </Link>,
    ]);
  if (mates.length > 0)
    parts.push(["mates", <span key="mates">{t("originLine.moreLikeHand", { count: mates.length })}</span>]);
  if (parts.length === 0) return null;
  return (
    <Box sx={{ color: "text.secondary", mt: -1, mb: 2 }}>
      {parts.map(([key, part], place) => (
        <span key={key}>
          {place > 0 && " · "}
          {part}
        </span>
      ))}
    </Box>
  );
}

// Maker, label, age, materials.
export function Said({ fields }: { fields: PieceFields }) {
  const rows = [
    [t("originLine.maker"), fields.maker],
    [t("originLine.label"), fields.label_found],
    [
      t("originLine.made"),
      fields.made_about && t("originLine.around", { madeabout: fields.made_about.replace(/^about /, "") }),
    ],
    [t("originLine.mainMaterial"), fields.body_material],
    [t("originLine.surface"), fields.surface_material],
  ].filter(([, value]) => value);
  if (rows.length === 0) return null;
  return (
    <Box sx={{ mt: 1.5 }}>
      {rows.map(([name, value]) => `${name === "Made" ? t("originLine.made") : `${name}:`} ${value}`).join(" · ")}
    </Box>
  );
}
