import { useLayoutEffect, useRef, useState } from "react";

/** The width that the page has for something, in CSS pixels; 0 until it is measured, measured again when it changes. */
export function useWidth() {
  const place = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => {
    const found = place.current;
    if (!found) return;
    const watch = new ResizeObserver(() => setWidth(found.clientWidth));
    watch.observe(found);
    setWidth(found.clientWidth);
    return () => watch.disconnect();
  }, []);
  return { place, width };
}
