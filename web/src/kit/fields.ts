// How a form names its fields; FormDialog draws them.
import type { Workshop } from "../api/types";

// A piece that bears a share; its name is carried along to be shown.
export type ShareInput = { piece_id: number; weight: string; name?: string };
// Pieces just like one, bought together with it.
export type Mate = { id: number; name: string };
// A piece by id and name, as a form begins with it.
export type Named = { id: number; name: string; mates?: Mate[] };
export const startWith = (piece?: Named | null): ShareInput[] =>
  piece ? [{ piece_id: piece.id, weight: "", name: piece.name }] : [];

export type Values = Record<string, string>;

export type FieldSpec = {
  name: string;
  label: string;
  kind:
    "text" | "date" | "effort" | "select" | "suggest" | "colour" | "multiline" | "pieces" | "kind" | "category" | "fee";
  unit?: string;
  help?: string;
  options?: { key: string; label: string }[];
  suggestions?: string[];
  // For "kind": what there is to choose from; its form goes under the name with _form.
  lists?: Workshop["lists"];
  half?: boolean;
  // Where a long form is parted: the first field of a part says its heading.
  section?: string;
  // For "effort": what a number without a unit is at first.
  bare?: "h" | "min";
  hidden?: boolean;
  // For "select": told what was picked, where the form asks for more by it.
  onPick?: (key: string) => void;
  // Shown only while another field has one of these values.
  onlyFor?: Record<string, string[]>;
  // For "fee": the piece that is sold, for the channel where it is listed.
  piece?: number;
  // For "pieces": whether shares by weight may be given.
  weights?: boolean;
};
