// The width in px that an element has been given, followed as it changes. The element wants `contain: inline-size`:
// else what is drawn in it at a width keeps it from becoming narrower.
import { useCallback, useRef, useState } from "react";

export function useWidth(): [(element: HTMLElement | null) => void, number] {
  const [width, setWidth] = useState(0);
  const observer = useRef<ResizeObserver | null>(null);
  const ref = useCallback((element: HTMLElement | null) => {
    observer.current?.disconnect();
    if (!element) return;
    setWidth(Math.floor(element.clientWidth)); // at once: else what is below jumps when it is first drawn
    observer.current = new ResizeObserver(([entry]) => entry && setWidth(Math.floor(entry.contentRect.width)));
    observer.current.observe(element);
  }, []);
  return [ref, width];
}
