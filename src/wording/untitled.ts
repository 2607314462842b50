import { untitled as english } from "./en/untitled";
import { worded } from "./language/worded";

const texts = worded("untitled", english);

/** What an investigation without a title is called. */
export const untitled = (): string => texts.name;

/** What a figure without a title is called. */
export const untitledFigure = (): string => texts.figure;

/** What a copy of an investigation is called. */
export const copyTitle = (title: string): string =>
  texts.copyOf({ title: title || untitled() }).slice(0, 200);
