"use client";

import type { ReactNode } from "react";
import { useScrolls } from "./useScrolls";

interface Props {
  /** What stands there, for those who hear it; formulas within say themselves by their MathML. */
  label: string;
  children: ReactNode;
  className?: string;
  testId?: string;
}

/** Something that scrolls where it is too wide for its place; only then keys stop at it. */
export function Scrolled({ label, children, className = "", testId }: Props) {
  const { place, scrolls } = useScrolls<HTMLDivElement>();
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
