import type { Translation } from "../language/texts";
import type { shelf as english } from "../en/shelf";

export const shelf = {
  shelfWords: {
    brief: "Arbeitsauftrag",
    makeBrief: "Arbeitsauftrag daraus machen",
    startBrief: "Arbeitsauftrag beginnen",
    briefsOfSamples: "Arbeitsaufträge zu den Beispielen",
    readingCopies: "Leseexemplare",
    allBenches: "Alle Tische sehen",
  },
} satisfies Translation<typeof english>;
