// What was done, and what that changed, in one line.
export const withChanges = (message: string, changes: string[]) =>
  changes.length > 0 ? [`${message}.`, ...changes].join(" ") : message;
