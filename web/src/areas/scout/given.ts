// A spotted piece as its form holds it: everything as typed.
import type { Prospect, ProspectInput } from "../../api/types";

export type Given = ProspectInput;

export const EMPTY: Given = { kind: "", condition: "worn", checks: {} };

// The fields of a stored one, to be changed.
export function givenOf(prospect: Prospect): Given {
  return { ...prospect.fields, kind: prospect.fields.kind ?? "", condition: prospect.fields.condition ?? "worn" };
}
