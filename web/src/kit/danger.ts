// What the server says stands before something that can hurt.
import { ProblemError } from "../api/client";
import type { Problem } from "../api/types";

export type Danger = NonNullable<Problem["danger"]> & { why: string };

// The danger that an error speaks of, or null.
export function dangerOf(error: unknown): Danger | null {
  if (!(error instanceof ProblemError) || !error.problem.danger) return null;
  return { ...error.problem.danger, why: error.message };
}
