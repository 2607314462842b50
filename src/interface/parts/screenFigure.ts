import { letterSizes } from "@/figure/layout/letterSizes";
import type { FigureSpecification } from "@/figure/specification";

/** Letters of a figure are no smaller than this on a screen, in CSS pixels. */
const smallest = 10;

/** A figure for a narrow screen is at least so high beside its width: the letters take room from the drawing area. */
const leastHeight = 1.02;

/**
 * The figure for a place of so many CSS pixels across. Where its letters would be too small to read it is laid out on
 * smaller paper with the same letters; what is taken out keeps its printed size.
 */
export function screenFigure(figure: FigureSpecification, across: number): FigureSpecification {
  const { numbers, words, equations } = letterSizes(figure);
  const letters = Math.min(numbers, words, equations, figure.textSize);
  const wanted = (across * letters) / smallest;
  if (across <= 0 || wanted >= figure.width) return figure;
  const height = Math.max((figure.height * wanted) / figure.width, wanted * leastHeight);
  return { ...figure, width: Math.round(wanted), height: Math.round(height) };
}
