import Papa from "papaparse";
import { fromRaised, plainRunText, type RunText } from "@/core/unit/runText";
import type { Stated } from "@/overview/glance";
import type { OverviewRow } from "@/protocol/overview";
import { handingWords } from "@/wording/handing";
import { stageName } from "@/wording/stages";
import { guarded } from "../tableCsv";

const heads = [
  ...["bench", "names", "stage", "changed", "readings", "open pencil marks", "straight"],
  ...["slope", "± of slope", "unit of slope", "result", "± of result", "unit of result"],
  ...["handed in", "at", "late"],
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

function straightWord(straight: boolean | undefined): string {
  if (straight === undefined) return "";
  return straight ? "yes" : "no";
}

/** The overview of a class as a table: numbers as the benches state them, parted by what the decimal mark leaves free. */
export function overviewCsv(
  rows: readonly OverviewRow[],
  decimalMark: "point" | "comma",
): string {
  const lines = rows.map(({ number, people, stage, changedAt, glance, handing }) => [
    String(number),
    people.map(({ name }) => name).join(", "),
    stage ? stageName(stage) : "",
    changedAt ?? "",
    glance ? String(glance.readings) : "",
    glance ? String(glance.openMarks) : "",
    straightWord(glance?.straight),
    ...cells(glance?.slope),
    ...cells(glance?.result),
    handing ? handingWords.row[handing.state] : "",
    handing?.at ?? "",
    handing ? (handing.late ? "yes" : "no") : "",
  ]);
  const delimiter = decimalMark === "comma" ? ";" : ",";
  const all = [heads, ...lines].map((line) => line.map(guarded));
  const text = Papa.unparse(all, { delimiter, newline: "\r\n" });
  return `\ufeff${text}\r\n`;
} // prettier-ignore
