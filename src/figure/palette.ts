import type { LookSpecification, SeriesSpecification } from "./specification";

/** Colours of the screen style; what is uncertain is magenta and nothing else is; construction lines are petrol. */
export const palette = {
  paper: "#FFFFFF",
  ink: "#14323C",
  magenta: "#B3206A",
  magentaWash: "#FBEAF2",
  petrol: "#0E6E7E",
  majorGrid: "#D9E4E4",
  minorGrid: "#EDF2F2",
} as const;

/** Black on white, where shapes and strokes alone tell things apart. */
const printed = {
  paper: "#FFFFFF",
  ink: "#000000",
  magenta: "#000000",
  magentaWash: "#E6E6E6",
  petrol: "#000000",
  majorGrid: "#C4C4C4",
  minorGrid: "#E6E6E6",
} as const;

/** Petrol, ochre, plum, moss, slate: told apart by colour-blind readers, and always beside a marker's shape. */
export const seriesColours = ["#0E6E7E", "#A06A00", "#6B3F78", "#4E6B1E", "#4B5A68"] as const;

/** The colours of a style. */
export function inksOf({
  style,
}: Pick<LookSpecification, "style">): Record<keyof typeof palette, string> {
  return style === "print" ? printed : palette;
}

/** The colour of a series on the screen by its number, from 0. */
export function seriesColour(seriesNumber: number): string {
  return seriesColours[seriesNumber % seriesColours.length] as string;
}

/** Colours that may be chosen for a series, by their names. */
const named = {
  ink: palette.ink,
  petrol: seriesColours[0],
  ochre: seriesColours[1],
  plum: seriesColours[2],
  moss: seriesColours[3],
  slate: seriesColours[4],
} as const;

/** What points and lines are drawn in: what was chosen for them, ink where there are no series, and in print. */
export function colourOf(
  { name, seriesNumber, own }: Pick<SeriesSpecification, "name" | "seriesNumber" | "own">,
  look: Pick<LookSpecification, "style">,
): string {
  if (own?.colour && look.style !== "print") return named[own.colour];
  return name === "" || look.style === "print" ? inksOf(look).ink : seriesColour(seriesNumber);
}
