// The pages within Scout, Floor, Shelf, Market, Books and a piece.
export const SCOUT_PAGES = [
  { to: "/scout", label: "Spotted", end: true },
  { to: "/scout/lots", label: "Lots" },
  { to: "/scout/trips", label: "Trips" },
  { to: "/scout/card", label: "Card" },
  { to: "/scout/record", label: "How estimates did" },
];
export const FLOOR_PAGES = [
  { to: "/floor", label: "Pieces", end: true },
  { to: "/floor/sets", label: "Sets" },
];
export const TODAY_PAGES = [
  { to: "/", label: "Now", end: true },
  { to: "/week", label: "The week" },
  { to: "/evening", label: "The evening" },
];
export const SHELF_PAGES = [
  { to: "/shelf", label: "Materials", end: true },
  { to: "/shelf/shopping", label: "To buy" },
  { to: "/shelf/stash", label: "Stash" },
  { to: "/shelf/colours", label: "Colours" },
  { to: "/shelf/mixes", label: "Mixes" },
  { to: "/shelf/products", label: "Products and recipes" },
];
export const MARKET_PAGES = [
  { to: "/market", label: "For sale", end: true },
  { to: "/market/channels", label: "Channels" },
  { to: "/market/practice", label: "Practice" },
];
export const BOOKS_PAGES = [
  { to: "/books", label: "Result", end: true },
  { to: "/books/pays", label: "What pays" },
  { to: "/books/time", label: "Time and estimates" },
  { to: "/books/year", label: "The year" },
  { to: "/books/what-if", label: "What if" },
];
// All pages that stand by themselves, with their section, as they are found by their words.
const WITHIN = {
  Scout: SCOUT_PAGES,
  Floor: FLOOR_PAGES,
  Today: TODAY_PAGES,
  Shelf: SHELF_PAGES,
  Market: MARKET_PAGES,
  Books: BOOKS_PAGES,
};
export const PAGES = [
  ...Object.entries(WITHIN).flatMap(([within, pages]) => pages.map(({ to, label }) => ({ to, label, within }))),
  { to: "/how", label: "How it all fits together", within: "Help" },
];

export const piecePages = (id: number) => [
  { to: `/pieces/${id}`, label: "Piece", end: true },
  { to: `/pieces/${id}/over`, label: "Look it over" },
  { to: `/pieces/${id}/look`, label: "The look" },
  { to: `/pieces/${id}/plan`, label: "The plan" },
  { to: `/pieces/${id}/parts`, label: "Parts" },
  { to: `/pieces/${id}/price`, label: "The price" },
  { to: `/pieces/${id}/listing`, label: "The listing" },
];
