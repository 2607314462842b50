"use client";

import { createContext } from "react";

/** Which figure is looked at on Plot and on Slope. */
export interface FigureInHand {
  readonly id: string | undefined;
  readonly choose: (id: string) => void;
}

export const FigureInHandContext = createContext<FigureInHand>({ id: undefined, choose: () => {} });
