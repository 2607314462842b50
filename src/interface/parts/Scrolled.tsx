"use client";

import { type ReactNode, useEffect, useRef, useState } from "react";

interface Props {
  /** What stands there, for those who hear it; formulas within say themselves by their MathML. */
  label: string;
  children: ReactNode;
  className?: string;
  testId?: string;
}

/** Something that scrolls where it is too wide for its place; only then keys stop at it. */
export function Scrolled({ label, children, className = "", testId }: Props) {
  const place = useRef<HTMLDivElement>(null);
  const [scrolls, setScrolls] = useState(false);
  useEffect(() => {
    const element = place.current;
    if (!element) return;
    const look = new ResizeObserver(() =>
      setScrolls(element.scrollWidth > element.clientWidth + 1),
    );
    look.observe(element);
    for (const within of element.children) look.observe(within);
    return () => look.disconnect();
  }, []);
  return (
    <div
      ref={place}
      role="group"
      aria-label={label}
      data-testid={testId}
      tabIndex={scrolls ? 0 : undefined}
      className={`min-w-0 overflow-x-auto overflow-y-hidden py-0.5 ${className}`}
    >
      {children}
    </div>
  );
}
