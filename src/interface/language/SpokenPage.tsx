"use client";

import { usePathname } from "next/navigation";
import type { ReactNode } from "react";
import { SaidAnew } from "./Speaking";

/** Pages that hold what they have read of an investigation, which stays in hand when the language changes. */
const pagesOfTheirOwn = /^\/(investigation\/|read$)/;

/** A page that is said anew when the language changes; one with an investigation does so below what it has in hand. */
export function SpokenPage({ children }: { children: ReactNode }) {
  const ofItsOwn = pagesOfTheirOwn.test(usePathname());
  return ofItsOwn ? children : <SaidAnew>{children}</SaidAnew>;
}
