/** How large an investigation may grow; beyond these the interface says so and takes nothing. */
export const limits = {
  rows: 20_000,
  quantities: 60,
  figures: 40,
  labels: 60,
  straightedges: 12,
  curves: 12,
  parameters: 12,
  tables: 20,
  series: 40,
  constants: 60,
  instruments: 60,
  repeats: 20,
  dismissed: 2000,
  lettersOfReading: 200,
  lettersOfName: 200,
  lettersOfFormula: 500,
} as const;
