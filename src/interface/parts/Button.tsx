import { Button as HeadlessButton } from "@headlessui/react";
import type { ComponentProps } from "react";

type Look = "main" | "plain" | "quiet";

const looks: Record<Look, string> = {
  main: "bg-ink text-white data-hover:bg-[#1d4653]",
  plain: "bg-page border-hairline text-ink data-hover:border-soft",
  quiet: "text-soft data-hover:text-ink border-transparent",
};

/** A button that says what happens. One main button a screen. */
export function Button({
  look = "plain",
  className = "",
  ...props
}: ComponentProps<"button"> & { look?: Look }) {
  return (
    <HeadlessButton
      {...props}
      className={`inline-flex min-h-7 items-center gap-1 rounded-md border px-2.5 py-0.5 text-sm font-semibold transition-colors data-disabled:cursor-default data-disabled:opacity-40 ${looks[look]} ${className}`}
    />
  );
}
