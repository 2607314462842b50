"use client";

import { usePathname } from "next/navigation";
import type { ReactNode } from "react";
import { SaidAnew } from "./Speaking";

/** A page that is said anew when the language changes; one with an investigation does so below what it has in hand. */
export function SpokenPage({ children }: { children: ReactNode }) {
  const ofItsOwn = usePathname().startsWith("/investigation/");
  return ofItsOwn ? children : <SaidAnew>{children}</SaidAnew>;
}
