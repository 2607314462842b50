import type { SVGAttributes } from "react";
import type { Frame } from "@/figure/layout/frame";

interface Props extends Omit<SVGAttributes<SVGRectElement>, "x" | "y" | "width" | "height"> {
  frame: Frame;
  /** What it is, and how it is worked with by keys. */
  kind: string;
  /** What of the margin is about it. */
  about?: string | undefined;
  label: string;
}

/** The drawing area of a figure as something that a pointer and keys work on. */
export function TouchArea({ frame, kind, about, label, className = "", ...hands }: Props) {
  const { left, right, top, bottom } = frame;
  return (
    <rect
      role="application"
      tabIndex={0}
      aria-roledescription={kind}
      aria-label={label}
      data-margin={about}
      x={left}
      y={top}
      width={right - left}
      height={bottom - top}
      {...hands}
      className={`cursor-crosshair fill-transparent outline-none ${className}`}
    />
  );
}
