// The words of the house, each in a sentence: where one stands under a dotted line, and all of them on the page of
// how it all fits together.
export const WORDS = {
  asking: ["Asking price", "What a listing asks. It goes up to your usual ending, never down."],
  break_even: [
    "Break-even",
    "The price at which you lose nothing: money in and what the sale takes. Hours not counted.",
  ],
  cash_in: ["Money in", "What was paid so far: the piece, trips, materials, hardware, sundries."],
  cash_profit: ["Cash profit", "What was received, less money in and what the sale took. Hours not counted."],
  days_strip: [
    "Days strip",
    "A piece's days from bought to sold: waiting is hatched, drying dotted, the market outlined.",
  ],
  fetch: ["Fetch", "What the market is likely to give, by what sold, what others ask, and your own guess."],
  finding: [
    "Finding",
    "What you saw while looking it over: a loose joint, a smell, an old finish. The plan treats it.",
  ],
  floor: ["Floor price", "Covers all costs and the least you would work for. Below it, another piece pays better."],
  hourly_pay: ["Pay an hour", "Profit divided by the hours it took."],
  hours: ["Hours", "At the bench, from timers and what you wrote down. House rules say whether other hours count."],
  hold: ["Hold", "Kept for a buyer until a day; it comes down by itself unless you renew it."],
  look: ["Look", "How a piece is to end: for each zone painted, stained, oiled, bare or left as it is."],
  need: ["Need", "What a piece has to bring: break-even, floor and target, from your own costs and hours."],
  price_tape: [
    "Price tape",
    "One scale of money with all that decides a price on it: costs, floor, asked, offers, sold.",
  ],
  session: ["Session", "A stretch of working time. The plan puts steps into yours, and drying between them."],
  set: ["Set", "Pieces that sell together: a pair, a table with its chairs."],
  stash: ["Stash", "What was salvaged or given: costs nothing in cash, and its worth is counted apart."],
  sundries: ["Sundries", "Paper, cloths and tape as a flat sum a piece, so that nobody counts sheets."],
  target: ["Target price", "Covers all costs and the pay you aim for."],
  ticket: ["Ticket", "A piece's number. Printed with a QR code, it leads a phone to its page."],
  turnaround: ["Turnaround", "Days from bought to sold, drying and waiting included."],
  zone: ["Zone", "A part of a piece that is finished by itself: top, sides, each drawer front, legs."],
} as const satisfies Record<string, readonly [string, string]>;

export type Word = keyof typeof WORDS;
