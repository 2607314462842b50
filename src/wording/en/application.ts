export const application = {
  /** What the application is called, and what it is for. */
  applicationWords: {
    name: "Fathom Rule",
    description: "Bench measurements to report-ready graphs, with honest uncertainties",
  },
} as const;
