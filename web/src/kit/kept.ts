// Whether what was seen last stands in for an answer that did not come.
import { isUnreachable } from "../api/client";

export const isKept = (query: { data?: unknown; error: Error | null }) =>
  query.data !== undefined && isUnreachable(query.error);
