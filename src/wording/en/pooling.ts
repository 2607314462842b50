export const pooling = {
  /** What stands in an investigation that pools the benches of a class. */
  poolingWords: {
    ofBench: "Bench {bench}",
    ofBenchAs: "Bench {bench}, {own}",
    otherUnit:
      "Bench {bench} reads {quantity} in {unit}, which can’t be put beside the others: these readings are left out.",
    noUnit: "no unit",
    title: "{title}: all benches",
    heading: "How the benches were pooled",
    benches:
      "The readings of {count} {count, plural, one {bench} other {benches}}, each bench a series. The line over all takes every reading alike.",
    ownUncertainty:
      "Bench {bench} states its own ± of {quantity}: it stands behind each of its readings.",
    otherConstant: "Bench {bench} used {symbol} = {value}; here all are worked out with one value.",
    caption:
      "The readings of each bench with its best-fit line; the line in ink is the best-fit line over all benches.",
  },
} as const;
