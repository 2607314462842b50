/** Colours of the screen style; what is uncertain is magenta and nothing else is. */
export const palette = {
  paper: "#FFFFFF",
  ink: "#14323C",
  magenta: "#B3206A",
  majorGrid: "#D9E4E4",
  minorGrid: "#EDF2F2",
} as const;

/** Petrol, ochre, plum, moss, slate: told apart by colour-blind readers, and always beside a marker's shape. */
const seriesColours = ["#0E6E7E", "#A06A00", "#6B3F78", "#4E6B1E", "#4B5A68"] as const;

/** The colour of the series at a place. */
export function seriesColour(place: number): string {
  return seriesColours[place % seriesColours.length] as string;
}

/** What points and lines are drawn in: ink where there are no series. */
export function colourOf({ name, place }: { name: string; place: number }): string {
  return name === "" ? palette.ink : seriesColour(place);
}
