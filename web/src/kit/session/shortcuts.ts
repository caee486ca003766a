// One-key shortcuts; never while somebody is typing or a dialog is open.
import { useEffect } from "react";
import { t } from "../../locales/kit";

export const SHORTCUTS: [string, string][] = [
  ["1", t("shortcuts.today")],
  ["2", t("shortcuts.scout")],
  ["3", t("shortcuts.floor")],
  ["4", t("shortcuts.shelf")],
  ["5", t("shortcuts.market")],
  ["6", t("shortcuts.books")],
  ["7", t("shortcuts.tools")],
  ["8", t("shortcuts.houseRules")],
  ["n", t("shortcuts.recordNewPiece")],
  ["s", t("shortcuts.checkPieceShop")],
  ["t", t("shortcuts.startTimerStopOne")],
  [t("shortcuts.ctrlK"), t("shortcuts.findAnything")],
  ["u", t("shortcuts.showWhatDidSession")],
  ["Ctrl+Z", t("shortcuts.undoLastThingDid")],
  ["?", t("shortcuts.showList")],
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
