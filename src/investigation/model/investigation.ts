import type { Brief } from "./brief";
import type { Constant } from "./constant";
import type { Figure, FigureLook } from "./figure";
import type { HouseRules } from "./houseRules";
import type { Instrument } from "./instrument";
import type { Quantity } from "./quantity";
import type { ReadOffEntry, Recording } from "./recording";
import type { Reason } from "./reason";
import type { Result } from "./result";
import type { Row } from "./row";
import type { WriteUp } from "./writeUp";

/** The version that this code reads and writes; older documents are brought up to it by `upgrades/`. */
export const documentVersion = 14;

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
  /** Long data of instruments; the readings themselves are kept apart. */
  recordings: Record<string, Recording>;
  /** What was read off recordings. */
  readOffs: Record<string, ReadOffEntry>;
  constants: Record<string, Constant>;
  /** Instruments of one's own, beside the kit. */
  instruments: Record<string, Instrument>;
  figures: Record<string, Figure>;
  /** The look that the class keeps as its own; null until one is kept. */
  ownLook: FigureLook | null;
  examples: Record<string, Example>;
  /** The equation that the readings are to follow, as it was typed; empty while there is none. */
  theory: string;
  board: StraightenBoard;
  results: Record<string, Result>;
  writeUp: WriteUp;
  houseRules: HouseRules;
  /** Pencil marks that somebody answered, by the key of the mark: the reason why they may be passed over. */
  dismissed: Record<string, Reason>;
  /** What makes it a brief, or what a brief asks of the bench that works on it; null where neither is. */
  brief: Brief | null;
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

/** What the straighten board is laid out with. */
export interface StraightenBoard {
  /** The quantities across and down; null while those of the figure in hand are taken. */
  x: string | null;
  y: string | null;
  /** A transform of one's own for each, in its symbol; empty while there is none. */
  ownX: string;
  ownY: string;
}

/** A row whose worked example stands in the write-up; kept under the id of its derived quantity. */
export interface Example {
  order: string;
  row: string;
}
