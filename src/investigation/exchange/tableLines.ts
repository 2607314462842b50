/** The first words of the lines above the readings of a table that was taken out. */
export const ownLines = {
  table: "table",
  mark: "decimal mark",
  name: "name",
  symbol: "symbol",
  unit: "unit",
  uncertainty: "±",
  repeats: "readings a row",
  spread: "scatter",
  combination: "scatter and instrument",
  instrument: "read with",
  resolution: "smallest step",
  formula: "formula",
  hidden: "hidden",
  remarks: "remarks",
  repeat: "repeat",
  rows: "n",
} as const;

/** What stands in the line of formulas for a derived quantity that has none yet. */
export const noFormulaYet = "not yet written";

/** What stands before the unit of a derived quantity that was worked out and not wished for. */
export const workedOutUnit = "worked out: ";

/** Headings of what stands behind the readings. */
export const ownColumns = { series: "series", aside: "set aside" } as const;
/** Between two things set aside in one row, and between a place and its reason. */
const asideMarks = { between: " | ", reason: ": " } as const;

/** What stands for a whole row that is set aside. */
export const wholeRowWords = "whole row";

const escaped = (text: string, signs: RegExp) => text.replace(signs, "\\$&");
const plain = (text: string) => text.replace(/\\(.)/gs, "$1");

/** Places that are set aside with their reasons, as one text: "whole row: misread | t_10 2: slipped". */
export function asideText(entries: readonly { place: string; reason: string }[]): string {
  return entries
    .map(({ place, reason }) => {
      const because = escaped(reason, /[\\|]/g);
      return `${escaped(place, /[\\|:]/g)}${asideMarks.reason}${because}`;
    })
    .join(asideMarks.between);
}

/** Reads what asideText writes. */
export function readAsideText(text: string): readonly { place: string; reason: string }[] {
  const parts = text.match(/(?:\\.|[^|\\])+/gs) ?? [];
  return parts.map((part, at) => {
    const [, place = "", reason = ""] = /^\s*((?:\\.|[^:\\])*):?\s?(.*)$/s.exec(part) ?? [];
    const last = at === parts.length - 1;
    return { place: plain(place), reason: plain(last ? reason : reason.replace(/ $/, "")) };
  });
}

/** Names of series so that each is told from the others: one that is empty or stands twice has its number behind it. */
export function seriesTexts(names: readonly string[]): readonly string[] {
  return names.map((name, at) => {
    const before = names.slice(0, at).filter((other) => other === name).length;
    const written = escaped(name, /\\/g);
    return before > 0 || name === "" ? `${written}\\${before + 1}` : written;
  });
}

/** The name in what seriesTexts writes. */
export function readSeriesText(text: string): string {
  return text.replace(/(?<!\\)(\\\\)*\\\d+$/, "$1").replace(/\\\\/g, "\\");
}
