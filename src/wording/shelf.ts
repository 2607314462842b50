/** What stands on the shelf and in its menus. */
export const shelfWords = {
  brief: "brief",
  makeBrief: "Make a brief of this",
  startBrief: "Start a brief",
  briefsOfSamples: "Briefs of the samples",
  readingCopies: "Reading copies",
  allBenches: "See all benches",
  licences: "Licences of what this is made with",
} as const;
