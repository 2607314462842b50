"use client";

import type { ReactNode } from "react";
import { useInvestigation } from "./useInvestigation";

interface Props {
  /** Whether it is not for them either. */
  unless?: boolean;
  children: ReactNode;
}

/** What only those see who may change the sheet. */
export function ForWriters({ unless = false, children }: Props) {
  return useInvestigation((state) => state.readOnly) || unless ? null : children;
}
