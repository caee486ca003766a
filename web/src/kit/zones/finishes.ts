// How a drawing shows which finish it is: a pattern besides its colour.
export const WOOD = "#cfa877";
// Drawn in a field of 10 × 10; solid where there is none.
export const PATTERNS: Record<string, string> = {
  stain: "M-2 12L12 -2M-2 2L2 -2M8 12L12 8",
  wash: "M0 3H10M0 8H10",
  bleach: "M0 5H3M6 5H10",
  clear: "M5 1V3M5 7V9",
  tinted: "M5 0V10",
  oil: "M0 2Q5 -1 10 2M0 7Q5 4 10 7",
  wax: "M1 1L3 3M6 6L8 8",
  bare: "M0 4Q5 1 10 4T20 4M0 9Q5 7 10 9",
  paper: "M0 0H10M0 5H10M0 0V10M5 0V10",
  distressed: "M1 2L3 3M6 1L7 3M3 7L6 6M8 8L9 9.5M1 9L2 8",
  slats: "M1 0V10M3.5 0V10M6 0V10M8.5 0V10",
  grooves: "M2.5 0V10M7.5 0V10",
  wrap: "M0 2H4M6 2H10M2 7H8",
  mouldings: "M2 2H8V8H2Z",
  leave: "M0 10L10 0",
  undecided: "M0 0L10 10M10 0L0 10",
};

// Colour of a zone: what was chosen, else the wood.
export const tone = (finish: string, colour: string | null | undefined) =>
  colour ?? (finish === "paint" ? "#e9ece6" : WOOD);
