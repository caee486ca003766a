// What the screens ask for, by area. Every change makes all of it load again: a cost on one piece moves Books, Floor and
// Today.
export * from "./queries/house";
export * from "./queries/bench";
export * from "./queries/flips";
export * from "./queries/market";
export * from "./queries/books";
export * from "./queries/scout";
export * from "./queries/shelf";
export * from "./queries/tools";
export * from "./queries/planning";
export * from "./queries/timers";
export * from "./queries/version";
