"use client";

import { createContext, type ReactNode } from "react";

/** What lies over the lower part of every page but that of Measure; the shell fills it. */
export const DrawerSlot = createContext<ReactNode>(null);
