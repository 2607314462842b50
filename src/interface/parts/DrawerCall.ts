"use client";

import { createContext } from "react";

/** A reading that the drawer is asked to show. */
export interface CalledReading {
  readonly table: string;
  readonly row: string;
  readonly quantity: string;
}

/** Opens the drawer at a reading. */
export const DrawerCallContext = createContext<(reading: CalledReading) => void>(() => {});
