// The rows of a lot as its form holds them.
import type { Lot } from "../../api/types";

export type Row = {
  key: string;
  piece_id?: number;
  prospect_id?: number;
  name: string;
  kind: string;
  count: string;
  expected_resale: string;
  share: string;
  found: boolean;
};

let made = 0;
export const emptyRow = (rest: Partial<Row> = {}): Row => ({
  key: `row-${(made += 1)}`,
  name: "",
  kind: "",
  count: "1",
  expected_resale: "",
  share: "",
  found: false,
  ...rest,
});

export const rowsOf = (lot: Lot): Row[] =>
  lot.members.map((member) =>
    emptyRow({
      piece_id: member.piece_id,
      name: member.name,
      expected_resale: member.expected_resale,
      share: member.share,
      found: member.found,
    }),
  );

// What is sent of a row: an existing piece, a spotted one, or a new one.
export function sent(row: Row) {
  const shared = { expected_resale: row.expected_resale, share: row.share, found: row.found };
  if (row.piece_id) return { piece_id: row.piece_id, ...shared };
  if (row.prospect_id) return { prospect_id: row.prospect_id, share: row.share, found: row.found };
  return { name: row.name, kind: row.kind, count: row.count, ...shared };
}
