"use client";

import type { ReactNode } from "react";
import { useInvestigation } from "./useInvestigation";

/** What only those see who may change the sheet. */
export function ForWriters({ children }: { children: ReactNode }) {
  return useInvestigation((state) => state.readOnly) ? null : children;
}
