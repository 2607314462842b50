import type { Frame } from "../layout/frame";
import type { Shape } from "../scene";
import type { FigureSpecification } from "../specification";

/** One kind of thing drawn on the paper: from the specification and its frame to shapes, back to front. */
export type Mark = (figure: FigureSpecification, frame: Frame) => readonly Shape[];
