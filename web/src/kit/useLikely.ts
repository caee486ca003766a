// What was answered to a question that rides along in a form: the core's guess until somebody taps, then theirs.
import { useState } from "react";

type Likely = { key: string; likely: boolean };

// about: what the question is about; another one begins again. sent is undefined where nothing was asked: the core asks
// later then.
export function useLikely(about: string, rows: Likely[] | undefined) {
  const [said, setSaid] = useState<{ about: string; ticked: ReadonlySet<string> } | null>(null);
  const guessed = new Set((rows ?? []).filter((row) => row.likely).map((row) => row.key));
  const ticked = said?.about === about ? said.ticked : guessed;
  const known = (rows ?? []).filter((row) => ticked.has(row.key)).map((row) => row.key);
  return {
    ticked: new Set(known) as ReadonlySet<string>,
    setTicked: (next: ReadonlySet<string>) => setSaid({ about, ticked: next }),
    sent: rows && rows.length > 0 ? known : undefined,
  };
}
