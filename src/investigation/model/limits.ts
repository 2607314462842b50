/** How large an investigation may grow; beyond these the interface says so and takes nothing. */
export const limits = {
  rows: 20_000,
  quantities: 60,
  figures: 40,
  lettersOfReading: 200,
  lettersOfName: 200,
} as const;
