import type { Axis, FigureLook, SeriesLook } from "@/investigation/model/figure";
import { looks } from "./en/looks";
import { worded } from "./language/worded";

const texts = worded("looks", looks);

type Words<Value extends string> = Readonly<Record<Value, string>>;

/** What each choice of a figure's look is called. */
export const lookWords: {
  readonly [
    Part in
      | "style"
      | "size"
      | "markers"
      | "bars"
      | "barsAlong"
      | "join"
      | "grid"
      | "ticks"
      | "lettering"
      | "line"
  ]: {
    readonly label: string;
    readonly words: Words<FigureLook[Part]>;
  };
} = texts.lookWords;

/** What is wanted or not in a figure's look. */
export const lookTicks: Readonly<Record<"band" | "frame" | "arrows" | "gap", string>> =
  texts.lookTicks;

export const rangeWords: Words<Axis["range"]> = texts.rangeWords;

export const scaleWords: Words<Axis["scale"]> = texts.scaleWords;

/** How the numbers of an axis are written, with an example each. */
export const axisNumberWords: Words<Axis["numbers"]> = texts.axisNumberWords;

export const decimalsWords = texts.decimalsWords;

/** Sizes of letters of a figure. */
export const letterWords = texts.letterWords;

export const letterSteps = texts.letterSteps;

export const lettersProblem = (): string => texts.lettersProblem;

/** What can be chosen for a series by itself. */
export const seriesLookWords: {
  readonly [Part in "marker" | "size" | "colour" | "stroke"]: {
    readonly label: string;
    readonly words: Words<SeriesLook[Part]>;
  };
} = texts.seriesLookWords;

export const seriesLookFurther = texts.seriesLookFurther;

/** Why an axis can't be broken. */
export const noBrokenAxis = (): string => texts.noBrokenAxis;
