import type { Scene } from "@/figure/scene";

/** The roles of a tagged PDF that a report has (ISO 32000-1, 14.8.4). */
export type TagRole =
  | ("H1" | "H2" | "P" | "L" | "LI" | "LBody")
  | ("Table" | "TR" | "TH" | "TD" | "Caption" | "Figure" | "Formula");

/** An element of the document's structure; parts with the same id belong to the same element. */
export interface Tag {
  readonly role: TagRole;
  readonly id: string;
  /** What is read out instead of it. */
  readonly alt?: string;
  /** How many columns a cell spans. */
  readonly span?: number;
  /** The text that it stands for, where that is not what is drawn. */
  readonly actual?: string;
}

/** Something drawn at its place in a piece; without a path of tags it is decoration. */
export interface Part {
  readonly path: readonly Tag[];
  readonly x: number;
  readonly y: number;
  readonly scale: number;
  readonly scene: Scene;
}

/** A strip across the text that is not broken between two pages. */
export interface Piece {
  readonly height: number;
  /** Room above it, which is left away at the top of a page. */
  readonly before: number;
  readonly parts: readonly Part[];
  /** It stays on the page of the next piece. */
  readonly keepNext?: boolean;
  /** It stands on a page that is turned. */
  readonly turned?: boolean;
  /** What is drawn anew above it where it begins a page: the heading of its table. */
  readonly again?: readonly Piece[];
}

/** The inks of a report: coloured, or black on white. */
export interface ReportInks {
  readonly ink: string;
  readonly soft: string;
  readonly uncertain: string;
}

export const colouredInks: ReportInks = { ink: "#14323C", soft: "#4F666E", uncertain: "#B3206A" };
export const blackInks: ReportInks = { ink: "#000000", soft: "#000000", uncertain: "#000000" };
