"use client";

import { useCallback, useState } from "react";

/** Whether a place holds more than is seen of it: then keys have to stop at it, to scroll. */
export function useScrolls<Place extends HTMLElement>() {
  const [scrolls, setScrolls] = useState(false);
  const place = useCallback((element: Place | null) => {
    if (!element) return undefined;
    const wide = () => element.scrollWidth > element.clientWidth + 1;
    const high = () => element.scrollHeight > element.clientHeight + 1;
    const look = new ResizeObserver(() => setScrolls(wide() || high()));
    look.observe(element);
    for (const within of element.children) look.observe(within);
    return () => look.disconnect();
  }, []);
  return { place, scrolls };
}
