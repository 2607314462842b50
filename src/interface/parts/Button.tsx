import type { ComponentProps } from "react";

type Look = "main" | "plain" | "quiet";

const looks: Record<Look, string> = {
  main: "bg-ink text-white enabled:hover:bg-[#1d4653]",
  plain: "bg-page border-hairline text-ink enabled:hover:border-soft",
  quiet: "text-soft enabled:hover:text-ink border-transparent",
};

/** How a button looks. */
export const buttonLook = (look: Look = "plain"): string =>
  `inline-flex min-h-7 items-center gap-1 rounded-md border px-2.5 py-0.5 text-sm font-semibold transition-colors disabled:cursor-default disabled:opacity-40 ${looks[look]}`;

/** A button that says what happens. One main button a screen. */
export function Button({
  look,
  type = "button",
  className = "",
  ...props
}: ComponentProps<"button"> & { look?: Look }) {
  return <button {...props} type={type} className={`${buttonLook(look)} ${className}`} />;
}
