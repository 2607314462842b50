export const shelf = {
  /** What stands on the shelf and in its menus. */
  shelfWords: {
    brief: "brief",
    makeBrief: "Make a brief of this",
    startBrief: "Start a brief",
    briefsOfSamples: "Briefs of the samples",
    readingCopies: "Reading copies",
    allBenches: "See all benches",
  },
} as const;
