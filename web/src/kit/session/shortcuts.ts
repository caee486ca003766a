// One-key shortcuts; never while somebody is typing or a dialog is open.
import { useEffect } from "react";

export const SHORTCUTS: [string, string][] = [
  ["1", "Today"],
  ["2", "Scout"],
  ["3", "Floor"],
  ["4", "Shelf"],
  ["5", "Market"],
  ["6", "Books"],
  ["7", "Tools"],
  ["8", "House rules"],
  ["n", "Record a new piece"],
  ["s", "Spot a piece in a shop"],
  ["t", "Start a timer, or stop the running one"],
  ["/ or Ctrl+K", "Find anything"],
  ["u", "List what was done this session"],
  ["Ctrl+Z", "Undo what was done last"],
  ["?", "This list"],
];

export function typing(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return !!target?.closest?.(
    "input, textarea, select, [contenteditable], [role=dialog], [role=combobox], [role=listbox]",
  );
}

export function useShortcuts(actions: Record<string, () => void>) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      // Ctrl+K finds from anywhere, even while one types.
      const finds = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k";
      if (!finds && (event.ctrlKey || event.metaKey || event.altKey || typing(event))) return;
      const action = actions[finds ? "/" : event.key];
      if (!action) return;
      event.preventDefault();
      action();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [actions]);
}
