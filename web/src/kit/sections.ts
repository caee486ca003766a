// The pages within Scout and Floor.
export const SCOUT_PAGES = [
  { to: "/scout", label: "Spotted", end: true },
  { to: "/scout/lots", label: "Lots" },
  { to: "/scout/trips", label: "Trips" },
  { to: "/scout/card", label: "Card" },
  { to: "/scout/record", label: "How well I guess" },
];
export const FLOOR_PAGES = [
  { to: "/floor", label: "Pieces", end: true },
  { to: "/floor/sets", label: "Sets" },
];
