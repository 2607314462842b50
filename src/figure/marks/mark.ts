import type { Frame } from "../layout/frame";
import type { Words } from "../layout/words";
import type { Shape } from "../scene";
import type { FigureSpecification } from "../specification";

/** One kind of thing drawn on the paper: from the specification, its frame and placed words to shapes, back to front. */
export type FigureMark = (
  figure: FigureSpecification,
  frame: Frame,
  words: Words,
) => readonly Shape[];
