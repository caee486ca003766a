// Where a piece comes from and what it belongs to: lot, split, set, spotted piece, others just like it; and what is
// known of it.
import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Piece, PieceFields } from "../../api/types";

export function OriginLine({ piece }: { piece: Piece }) {
  const { lot, split_from: from, split_into: into, set, prospect, mates } = piece;
  const parts: [string, ReactNode][] = [];
  if (lot)
    parts.push([
      "lot",
      <Link
        key="lot"
        to={`/scout/lots/${lot.id}`}
      >{`in the lot ${lot.name}, ${lot.pieces === 1 ? "alone" : `with ${lot.pieces - 1} more`}`}</Link>,
    ]);
  if (from)
    parts.push(["from", <Link key="from" to={`/pieces/${from.id}`}>{`split from ${from.ticket} ${from.name}`}</Link>]);
  if (into)
    parts.push([
      "into",
      <span key="into">
        split into{" "}
        {into.parts.map((part, place) => (
          <span key={part.id}>
            {place > 0 && ", "}
            <Link to={`/pieces/${part.id}`}>{`${part.ticket} ${part.name}`}</Link>
          </span>
        ))}
      </span>,
    ]);
  if (set) parts.push(["set", <Link key="set" to={`/floor/sets/${set.id}`}>{`in the set ${set.name}`}</Link>]);
  if (prospect)
    parts.push([
      "prospect",
      <Link key="prospect" to={`/scout/${prospect.id}`}>
        as it was spotted
      </Link>,
    ]);
  if (mates.length > 0) parts.push(["mates", <span key="mates">{`${mates.length} more just like it in hand`}</span>]);
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
    ["Maker", fields.maker],
    ["Label", fields.label_found],
    ["Made", fields.made_about && `about ${fields.made_about.replace(/^about /, "")}`],
    ["Body", fields.body_material],
    ["Surface", fields.surface_material],
  ].filter(([, value]) => value);
  if (rows.length === 0) return null;
  return (
    <Box sx={{ mt: 1.5 }}>
      {rows.map(([name, value]) => `${name === "Made" ? "Made" : `${name}:`} ${value}`).join(" · ")}
    </Box>
  );
}
