import { act } from "./act";

/** Gives a figure a title of one's own; an empty one brings back the proposed title. */
export const titleFigure = act<{ figure: string; title: string }>("title-figure", (draft, args) => {
  const figure = draft.figures[args.figure];
  if (figure) figure.title = args.title;
});
