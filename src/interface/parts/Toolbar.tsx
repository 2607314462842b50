"use client";

import { type KeyboardEvent, type ReactNode, useLayoutEffect, useRef } from "react";

interface Props {
  label: string;
  className?: string;
  /** Buttons, and what else stands among them. */
  children: ReactNode;
}

const steps: Readonly<Record<string, (at: number, last: number) => number>> = {
  ArrowRight: (at, last) => (at === last ? 0 : at + 1),
  ArrowLeft: (at, last) => (at === 0 ? last : at - 1),
  Home: () => 0,
  End: (_, last) => last,
};

/** A row of tools that is one stop of the Tab key; the arrow keys go from tool to tool. */
export function Toolbar({ label, className = "", children }: Props) {
  const ref = useRef<HTMLDivElement>(null);
  const current = useRef(0);
  const buttons = () =>
    [...(ref.current?.children ?? [])].filter((one) => one instanceof HTMLButtonElement);
  const stopAt = (place: number) => {
    current.current = place;
    buttons().forEach((one, i) => (one.tabIndex = i === place ? 0 : -1));
  };
  useLayoutEffect(() => stopAt(Math.min(current.current, buttons().length - 1)));
  const placeOf = (target: EventTarget) => buttons().findIndex((one) => one === target);
  const onKeyDown = (event: KeyboardEvent) => {
    const all = buttons();
    const at = placeOf(event.target);
    const step = steps[event.key];
    if (at < 0 || !step) return;
    event.preventDefault();
    stopAt(step(at, all.length - 1));
    all[current.current]?.focus();
  };
  return (
    <div
      ref={ref}
      role="toolbar"
      aria-label={label}
      className={className}
      onKeyDown={onKeyDown}
      onFocus={({ target }) => {
        const at = placeOf(target);
        if (at >= 0) stopAt(at);
      }}
    >
      {children}
    </div>
  );
}
