/** Colours of the screen style; what is uncertain is magenta and nothing else is. */
export const palette = {
  paper: "#FFFFFF",
  ink: "#14323C",
  magenta: "#B3206A",
  majorGrid: "#D9E4E4",
  minorGrid: "#EDF2F2",
} as const;
