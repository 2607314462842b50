import type { Translation } from "../language/texts";
import type { stages as english } from "../en/stages";

export const stages = {
  names: {
    measure: "Messen",
    derive: "Berechnen",
    straighten: "Linearisieren",
    plot: "Diagramm",
    slope: "Steigung",
    conclude: "Ergebnis",
    writeup: "Protokoll",
  },
} satisfies Translation<typeof english>;
