// The pages within Scout, Floor, Shelf, Market, Books and a piece.
import { t } from "../locales/kit";
export const SCOUT_PAGES = [
  { to: "/scout", label: t("sections.spotted"), end: true },
  { to: "/scout/lots", label: t("sections.lots") },
  { to: "/scout/trips", label: t("sections.trips") },
  { to: "/scout/card", label: t("sections.priceLimits") },
  { to: "/scout/record", label: t("sections.trackRecord") },
];
export const FLOOR_PAGES = [
  { to: "/floor", label: t("sections.pieces"), end: true },
  { to: "/floor/sets", label: t("sections.sets") },
];
export const TODAY_PAGES = [
  { to: "/", label: t("sections.now"), end: true },
  { to: "/week", label: t("sections.week") },
  { to: "/evening", label: t("sections.evening") },
];
export const SHELF_PAGES = [
  { to: "/shelf", label: t("sections.materials"), end: true },
  { to: "/shelf/shopping", label: t("sections.shopping") },
  { to: "/shelf/stash", label: t("sections.stash") },
  { to: "/shelf/colours", label: t("sections.colors") },
  { to: "/shelf/mixes", label: t("sections.mixes") },
  { to: "/shelf/products", label: t("sections.productsRecipes") },
];
export const MARKET_PAGES = [
  { to: "/market", label: t("sections.sale"), end: true },
  { to: "/market/channels", label: t("sections.channels") },
  { to: "/market/practice", label: t("sections.practice") },
];
export const BOOKS_PAGES = [
  { to: "/books", label: t("sections.result"), end: true },
  { to: "/books/pays", label: t("sections.whatPays") },
  { to: "/books/time", label: t("sections.hours") },
  { to: "/books/year", label: t("sections.year") },
  { to: "/books/what-if", label: t("sections.whatIf") },
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
  { to: "/how", label: t("sections.howWorks"), within: t("sections.help") },
];

export const piecePages = (id: number) => [
  { to: `/pieces/${id}`, label: t("sections.piece"), end: true },
  { to: `/pieces/${id}/over`, label: t("sections.inspect") },
  { to: `/pieces/${id}/look`, label: t("sections.look") },
  { to: `/pieces/${id}/plan`, label: t("sections.plan") },
  { to: `/pieces/${id}/parts`, label: t("sections.parts") },
  { to: `/pieces/${id}/price`, label: t("sections.price") },
  { to: `/pieces/${id}/listing`, label: t("sections.ad") },
];
