// How a form names its fields; FormDialog draws them.
export type ShareInput = { piece_id: number; weight: string };
export type Values = Record<string, string>;

export type FieldSpec = {
  name: string;
  label: string;
  kind: "text" | "date" | "effort" | "select" | "suggest" | "colour" | "multiline" | "pieces";
  unit?: string;
  help?: string;
  options?: { key: string; label: string }[];
  suggestions?: string[];
  half?: boolean;
  hidden?: boolean;
  // For "pieces": whether shares by weight may be given.
  weights?: boolean;
};
