import type { Constant } from "./constant";
import type { HouseRules } from "./houseRules";
import type { Instrument } from "./instrument";
import type { Quantity } from "./quantity";
import type { Row } from "./row";

/** The version that this code reads and writes; older documents are brought up to it by `upgrades/`. */
export const documentVersion = 2;

/**
 * One experiment as people wrote it: typed text and choices, never what can be worked out.
 * Everything is keyed by id; order is kept by fractional index keys.
 */
export interface Investigation {
  version: typeof documentVersion;
  title: string;
  tables: Record<string, ReadingTable>;
  series: Record<string, Series>;
  quantities: Record<string, Quantity>;
  rows: Record<string, Row>;
  constants: Record<string, Constant>;
  /** Instruments of one's own, beside the kit. */
  instruments: Record<string, Instrument>;
  figures: Record<string, Figure>;
  houseRules: HouseRules;
  /** Pencil marks that somebody answered, by the key of the mark: the reason why they may be passed over. */
  dismissed: Record<string, string>;
}

/** Quantities read together, row by row: the geometry, the timings. An empty name means the proposed one. */
export interface ReadingTable {
  order: string;
  name: string;
}

/** Rows of one table that belong together, as one wire's or one liquid's do. */
export interface Series {
  order: string;
  table: string;
  name: string;
}

/** One figure: which quantity goes along which axis. An empty title means the proposed one. */
export interface Figure {
  order: string;
  title: string;
  x: string | null;
  y: string | null;
}
