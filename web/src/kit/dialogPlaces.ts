// The places of open dialogs in the browser's history, so that Back closes the dialog first, as one expects on a phone.
// Where a dialog asks before it closes, it stays, and so does its place. The place of one that was closed otherwise is
// left for the next; Back passes over it. It is never given back by going back there and then: that takes its time, and
// would overtake somebody who goes on to another page.
import { useEffect, useRef } from "react";
import { t } from "../locales/kit";

type State = { dialog?: string; idx?: number } | null; // idx: the router's number of the page
const here = () => {
  const state = window.history.state as State;
  return { mark: Number(state?.dialog?.slice(7) ?? 0), page: state?.idx ?? 0 };
};

let count = Date.now(); // above the places of before a reload, which the browser keeps
let at = here();
const open = new Set<number>();
const empty = (mark: number) => mark > 0 && !open.has(mark);

// Told by the frame of every screen when another page is shown.
export const notePlace = () => void (at = here());

window.addEventListener("popstate", () => {
  const left = at;
  at = here();
  if (empty(left.mark) && at.page <= left.page) window.history.back();
});

export function useBackCloses(shown: boolean, close: () => void): void {
  const latest = useRef(close);
  useEffect(() => {
    latest.current = close;
  }, [close]);
  useEffect(() => {
    if (!shown) return;
    const mark = ++count;
    const enter = () => {
      const state = { ...(window.history.state as object), dialog: t("dialogPlaces.dialog", { mark }) };
      if (empty(here().mark)) window.history.replaceState(state, "");
      else window.history.pushState(state, "");
      at = here();
    };
    let again: ReturnType<typeof setTimeout> | undefined;
    const back = () => {
      if (here().mark >= mark) return; // only what lies over it went
      latest.current();
      again = setTimeout(enter, 50); // it may have asked, and stay
    };
    enter();
    open.add(mark);
    window.addEventListener("popstate", back);
    return () => {
      open.delete(mark);
      clearTimeout(again);
      window.removeEventListener("popstate", back);
    };
  }, [shown]);
}
