import type { StageId } from "./stages";

/** What the first tour says at each stage; all of it is read in a minute. */
export const tourWords: readonly { readonly stage: StageId; readonly text: string }[] = [
  {
    stage: "measure",
    text: "Readings are typed here: Enter goes down, Tab across. The margin says how sure each one is.",
  },
  {
    stage: "derive",
    text: "Formulas work out further quantities, with their units and ±, and show the working of a row.",
  },
  {
    stage: "straighten",
    text: "Small figures show which pair gives a straight line; a theory typed here says what its slope means.",
  },
  {
    stage: "plot",
    text: "The figure, with error bars. Click an axis, a title or a label to change it, or drag it.",
  },
  {
    stage: "slope",
    text: "The best line, and the steepest and shallowest that still meet every error box: so sure is the slope.",
  },
  {
    stage: "conclude",
    text: "From the slope to the constant that was wanted, beside an accepted value.",
  },
  {
    stage: "writeup",
    text: "A report of live tables, figures and numbers, to be written between and handed in as PDF.",
  },
];
