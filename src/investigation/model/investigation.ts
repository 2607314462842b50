import type { FiguresOfUncertainty } from "@/core/number/statement";
import type { Uncertainty } from "./uncertainty";

/** The version that this code reads and writes; older documents are brought up to it by `upgrades/`. */
export const documentVersion = 1;

/**
 * One experiment as people wrote it: typed text and choices, never what can be worked out.
 * Everything is keyed by id; order is kept by fractional index keys.
 */
export interface Investigation {
  version: typeof documentVersion;
  title: string;
  quantities: Record<string, Quantity>;
  rows: Record<string, Row>;
  figures: Record<string, Figure>;
  houseRules: HouseRules;
}

/** A column of readings. `symbol` and `unit` are kept as typed ("t_10", "m s^-2"). */
export interface Quantity {
  order: string;
  name: string;
  symbol: string;
  unit: string;
  uncertainty: Uncertainty;
}

/** One line of the table: the typed text of each reading, by quantity id. */
export interface Row {
  order: string;
  readings: Record<string, string>;
  /** Why a reading (by quantity id) or the whole row (`wholeRow`) is set aside. */
  setAside?: Record<string, string>;
}

/** The key under which a whole row is set aside. */
export const wholeRow = "_row";

/** Why a reading takes no part: its own reason, else its row's; undefined when it does. */
export function reasonSetAside(row: Row, quantity: string): string | undefined {
  return row.setAside?.[quantity] ?? row.setAside?.[wholeRow];
}

/** One figure: which quantity goes along which axis. An empty title means the proposed one. */
export interface Figure {
  order: string;
  title: string;
  x: string | null;
  y: string | null;
}

/** Conventions of a class or exam board. */
export interface HouseRules {
  figuresOfUncertainty: FiguresOfUncertainty;
  decimalMark: "point" | "comma";
}
