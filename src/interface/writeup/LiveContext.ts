"use client";

import { createContext } from "react";
import type { LiveValue } from "@/output/report/liveValues";

/** Something in the report that the text can refer to. */
export interface Referable {
  /** "figure:ID" or "table:BLOCK". */
  readonly to: string;
  readonly text: string;
}

/** What can be set into the text and is kept up to date there. */
export interface Live {
  readonly values: readonly LiveValue[];
  readonly references: readonly Referable[];
}

export const LiveContext = createContext<Live>({ values: [], references: [] });
