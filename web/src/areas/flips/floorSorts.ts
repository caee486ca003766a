// How the lists of pieces may be sorted.
export const SORTS = {
  in_hand: {
    ticket: "Ticket, newest first",
    stage: "Stage",
    bought_on: "Bought, oldest first",
    cash_in: "Money in",
    hours: "Hours",
    name: "Name",
  },
  archive: {
    ended_on: "Ended, latest first",
    cash_profit: "Profit",
    hourly_pay: "Hourly pay",
    turnaround: "Turnaround",
    hours: "Hours",
    name: "Name",
  },
};
export const RISING = ["name", "bought_on", "stage"];
