import type { Finding } from "@/core/finding/finding";
import type { Frame } from "@/figure/layout/frame";
import type { FigureSpecification } from "@/figure/specification";
import type { Figure } from "@/investigation/model/figure";
import type { FigureFit } from "../../lines/fit";

/** What the checks of one figure look at. */
export interface FigureLooked {
  readonly figure: Figure;
  readonly fit: FigureFit;
  readonly specification: FigureSpecification;
  readonly frame: Frame;
}

/** Looks at one figure; every check is a file of its own. */
export type FigureCheck = (looked: FigureLooked) => readonly Finding[];
