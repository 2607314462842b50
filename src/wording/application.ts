/** What the application is called, and what it is for. */
export const applicationWords = {
  name: "Fathom Rule",
  description: "Bench measurements to report-ready graphs, with honest uncertainties",
} as const;
