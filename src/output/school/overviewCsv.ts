import Papa from "papaparse";
import { fromRaised, plainRunText, type RunText } from "@/core/unit/runText";
import type { Criterion } from "@/investigation/model/brief";
import { inOrder } from "@/investigation/model/order";
import type { Stated } from "@/overview/glance";
import type { OverviewRow } from "@/protocol/overview";
import { classTable as words } from "@/wording/classTable";
import { handingWords } from "@/wording/handing";
import { stageName } from "@/wording/stages";
import { guarded } from "../tableCsv";

const heads = () => [
  ...[words.bench, words.names, words.stage, words.changed, words.readings, words.openMarks],
  ...[words.straight, words.slope, words.sizeOfSlope, words.unitOfSlope],
  ...[words.result, words.sizeOfResult, words.unitOfResult],
  ...[words.handedIn, words.at, words.late],
];

/** A value and its ± as they are stated, each a number of its own: "12.5" and "0.4", "1.25e5" and "0.04e5". */
function parted(number: RunText): readonly [string, string] {
  const text = plainRunText(number).replaceAll("\u00a0", " ").replaceAll("−", "-");
  const found = /^\(?(.+?) ± (.+?)\)?(?: × 10(\S+))?$/.exec(text);
  const power = (raised: string | undefined) =>
    raised === undefined ? "" : `e${fromRaised(raised).replace("−", "-")}`;
  if (found) {
    const [, value = "", size = "", raised] = found;
    return [`${value}${power(raised)}`, `${size}${power(raised)}`];
  }
  const alone = /^(.+?)(?: × 10(\S+))?$/.exec(text);
  return [`${alone?.[1] ?? text}${power(alone?.[2])}`, ""];
}

const cells = (stated: Stated | undefined): readonly string[] =>
  stated ? [...parted(stated.number), plainRunText(stated.unit)] : ["", "", ""];

function yesOrNo(straight: boolean | undefined): string {
  if (straight === undefined) return "";
  return straight ? words.yes : words.no;
}

/** Cells as CSV (RFC 4180), semicolons between them where the house writes decimal commas. */
function csv(lines: readonly (readonly string[])[], decimalMark: "point" | "comma"): string {
  const delimiter = decimalMark === "comma" ? ";" : ",";
  const all = lines.map((line) => line.map(guarded));
  const text = Papa.unparse(all, { delimiter, newline: "\r\n" });
  return `\ufeff${text}\r\n`;
}

const namesOf = ({ people }: OverviewRow) => people.map(({ name }) => name).join(", ");

/** The marks of a class as a table: a bench a row, a criterion a column, their sum and the last word. */
export function marksCsv(
  rows: readonly OverviewRow[],
  criteria: Readonly<Record<string, Criterion>>,
  decimalMark: "point" | "comma",
): string {
  const entries = inOrder(criteria).filter(([, { text }]) => text.trim() !== "");
  const plain = (points: number) =>
    decimalMark === "comma" ? String(points).replace(".", ",") : String(points);
  const number = (points: number | undefined) => (points === undefined ? "" : plain(points));
  const of = entries.reduce((sum, [, { points }]) => sum + points, 0);
  const first = [words.bench, words.names, words.handedIn, words.at, words.late];
  const columns = entries.map(([, { text, points }]) =>
    words.criterion({ text, points: plain(points) }),
  );
  const lines = rows.map((row) => {
    const { handing } = row;
    const points = handing?.judged?.points ?? {};
    const given = entries.map(([id]) => points[id]);
    const any = given.some((one) => one !== undefined);
    const total = given.reduce<number>((sum, one) => sum + (one ?? 0), 0);
    return [
      ...[String(row.number), namesOf(row)],
      ...(handing
        ? [handingWords.row[handing.state], handing.at, yesOrNo(handing.late)]
        : ["", "", ""]),
      ...given.map(number),
      number(any ? total : undefined),
      handing?.judged?.lastWord ?? "",
    ];
  });
  return csv(
    [[...first, ...columns, words.sum({ points: plain(of) }), words.lastWord], ...lines],
    decimalMark,
  );
}

/** The overview of a class as a table: numbers as the benches state them, parted by what the decimal mark leaves free. */
export function overviewCsv(
  rows: readonly OverviewRow[],
  decimalMark: "point" | "comma",
): string {
  const lines = rows.map(({ number, stage, changedAt, glance, handing, ...row }) => [
    String(number),
    row.people.map(({ name }) => name).join(", "),
    stage ? stageName(stage) : "",
    changedAt ?? "",
    glance ? String(glance.readings) : "",
    glance ? String(glance.openMarks) : "",
    yesOrNo(glance?.straight),
    ...cells(glance?.slope),
    ...cells(glance?.result),
    handing ? handingWords.row[handing.state] : "",
    handing?.at ?? "",
    handing ? (yesOrNo(handing.late)) : "",
  ]);
  return csv([heads(), ...lines], decimalMark);
} // prettier-ignore
