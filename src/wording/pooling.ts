/** What stands in an investigation that pools the benches of a class. */
export const poolingWords = {
  title: (title: string) => `${title}: all benches`,
  series: (bench: number, own = "") => `Bench ${bench}${own === "" ? "" : `, ${own}`}`,
  heading: "How the benches were pooled",
  benches: (count: number) =>
    `The readings of ${count} ${count === 1 ? "bench" : "benches"}, each bench a series. The line over all takes every reading alike.`,
  otherUnit: (bench: number, quantity: string, unit: string) =>
    `Bench ${bench} reads ${quantity} in ${unit || "no unit"}, which can’t be put beside the others: these readings are left out.`,
  ownUncertainty: (bench: number, quantity: string) =>
    `Bench ${bench} states its own ± of ${quantity}: it stands behind each of its readings.`,
  otherConstant: (bench: number, symbol: string, value: string) =>
    `Bench ${bench} used ${symbol} = ${value}; here all are worked out with one value.`,
  caption:
    "The readings of each bench with its best-fit line; the line in ink is the best-fit line over all benches.",
} as const;
