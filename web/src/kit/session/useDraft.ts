// What is typed into a form is there again after a reload, until it is saved or thrown away.
import { useEffect, useState } from "react";
import { draftKey, draftOf, dropDraft, keepDraft } from "../../api/device/drafts";

// draft: what was typed before, or null. keep: instead of it, or null for nothing.
export function useDraft<T>(form: string) {
  const [key] = useState(() => draftKey(form));
  const [draft] = useState(() => draftOf(key) as T | null);
  const keep = (value: T | null) => (value === null ? dropDraft(key) : keepDraft(key, value));
  return { draft, keep };
}

// As useState, with a draft. back: it begins with what was typed before. begin: from here on, as what was typed was
// saved or thrown away.
export function useDraftState<T>(form: string, initial: T) {
  const [key] = useState(() => draftKey(form));
  const [blank, setBlank] = useState(() => JSON.stringify(initial));
  const [value, set] = useState(() => (draftOf(key) as T | null) ?? initial);
  const [back, setBack] = useState(value !== initial);
  useEffect(() => {
    if (JSON.stringify(value) === blank) dropDraft(key);
    else keepDraft(key, value);
  }, [key, value, blank]);
  const begin = (next: T) => {
    setBlank(JSON.stringify(next));
    set(next);
    setBack(false);
    dropDraft(key); // at once: the page may be left with it
  };
  return { value, set, begin, back };
}
