// A dialog that Back closes first, as one expects on a phone. Where it asks before it closes, it stays, and so does
// its place in the browser's history.
import Dialog, { type DialogProps } from "@mui/material/Dialog";
import { useEffect, useRef } from "react";

const SOON = 60; // ms in which a dialog may follow another in its place
let count = Date.now(); // above the places of before a reload, which the browser keeps
let spare: ReturnType<typeof setTimeout> | undefined; // the place of one that has just closed
let returning: Promise<unknown> | undefined; // from that place, until the browser is back
const markOf = () => (window.history.state as { dialog?: string } | null)?.dialog;

function giveBack(): void {
  returning = new Promise((resolve) => window.addEventListener("popstate", resolve, { once: true })).then(
    () => (returning = undefined),
  );
  window.history.back();
}

function useBackCloses(open: boolean, close: () => void): void {
  const latest = useRef(close);
  useEffect(() => {
    latest.current = close;
  }, [close]);
  useEffect(() => {
    if (!open) return;
    const mark = `dialog ${++count}`;
    let entered = false;
    let gone = false;
    const enter = () => {
      if (gone) return;
      if (returning) return void returning.then(enter);
      entered = true;
      const state = { ...(window.history.state as object), dialog: mark };
      if (spare === undefined || !markOf()) window.history.pushState(state, "");
      else window.history.replaceState(state, "");
      clearTimeout(spare);
      spare = undefined;
    };
    let again: ReturnType<typeof setTimeout> | undefined;
    const back = () => {
      if (!entered || Number(markOf()?.slice(7) ?? 0) >= Number(mark.slice(7))) return; // only what lies over it went
      latest.current();
      again = setTimeout(enter, 50); // it may have asked, and stay
    };
    enter();
    window.addEventListener("popstate", back);
    return () => {
      gone = true;
      clearTimeout(again);
      window.removeEventListener("popstate", back);
      // Closed otherwise: its place is given back, unless another page was gone to.
      if (markOf() !== mark) return;
      spare = setTimeout(() => {
        spare = undefined;
        if (markOf() === mark) giveBack();
      }, SOON);
    };
  }, [open]);
}

export default function BackDialog(props: DialogProps) {
  const { open, onClose } = props;
  useBackCloses(open, () => onClose?.({}, "escapeKeyDown"));
  return <Dialog {...props} />;
}
