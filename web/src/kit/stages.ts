// The next dated event that a piece waits for, by its stage.
export const NEXT_EVENT: Record<string, string> = {
  bought: "Start the work",
  "on the bench": "Finish, then record it ready",
  ready: "List it",
  listed: "Sell it",
};

// The heading of a group of pieces at one stage.
export const STAGE_HEADING: Record<string, string> = {
  "on the bench": "On the bench",
  ready: "Ready, not listed yet",
  bought: "Waiting for first work",
  listed: "On the market",
};
