"use client";

import { useCallback, useState } from "react";

/** In ms: what is seen has been drawn by then. */
const later = 200;

/**
 * Whether a place holds more than is seen of it: then keys have to stop at it, to scroll. What a page leaves out of its
 * layout because it is far below is looked at too, when there is time.
 */
export function useScrolls<Place extends HTMLElement>() {
  const [scrolls, setScrolls] = useState(false);
  const place = useCallback((element: Place | null) => {
    if (!element) return undefined;
    const wide = () => element.scrollWidth > element.clientWidth + 1;
    const high = () => element.scrollHeight > element.clientHeight + 1;
    const look = () => setScrolls(wide() || high());
    const changes = new ResizeObserver(look);
    changes.observe(element);
    for (const within of element.children) changes.observe(within);
    let waiting = setTimeout(look, later);
    const again = () => {
      clearTimeout(waiting);
      waiting = setTimeout(look, later);
    };
    window.addEventListener("resize", again);
    return () => {
      changes.disconnect();
      clearTimeout(waiting);
      window.removeEventListener("resize", again);
    };
  }, []);
  return { place, scrolls };
}
