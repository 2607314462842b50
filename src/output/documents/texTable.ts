import { plainRunText } from "@/core/unit/runText";
import { textWidth } from "@/figure/layout/textWidth";
import { type Paper, papers } from "../papers";
import type { ReportCell, ReportHead, ReportNode, ReportTable } from "../report/report";
import { texOfRuns, texOfText } from "../tex/texText";

type TableNode = Extract<ReportNode, { kind: "table" }>;

/** More rows than this go over the end of a page. */
const mostRowsTogether = 24;
/** Sizes of type beside the normal one, largest first. */
const sizes = [
  { command: "", size: 11 },
  { command: "\\small", size: 10 },
  { command: "\\footnotesize", size: 9 },
  { command: "\\scriptsize", size: 8 },
] as const;
const columnGap = 12;
const marginOfPage = 2 * 65.2;

export const labelTex = (anchor: string) => anchor.replace(/[^A-Za-z0-9:]/g, "-");

function headTex({ runs, uncertainty, span }: ReportHead): string {
  const words = texOfRuns(runs);
  const bar = uncertainty ? ` (${texOfText(uncertainty)})` : "";
  return span > 1 ? `\\multicolumn{${span}}{c}{${words}}` : `${words}${bar}`;
}

function cellTex({ runs, uncertainty, aside }: ReportCell): string {
  const value = texOfRuns(runs);
  const struck = aside ? `\\struck{${value}}\\textsuperscript{${aside}}` : value;
  return uncertainty ? `${struck} ${texOfText(uncertainty)}` : struck;
}

/** Widths of the columns at the size 1, by what stands in them. */
function columnWidths({ heads, groups }: ReportTable): number[] {
  const width = (text: string) => textWidth(text, "serif", 1);
  const last = heads.at(-1) ?? [];
  const widest = last.map(({ runs, uncertainty }) =>
    width(`${plainRunText(runs)}${uncertainty ? ` (${uncertainty})` : ""}`),
  );
  for (const { rows } of groups) {
    for (const row of rows) {
      row.forEach(({ runs, uncertainty, aside }, place) => {
        const text = `${plainRunText(runs)}${aside ?? ""}${uncertainty ? ` ${uncertainty}` : ""}`;
        widest[place] = Math.max(widest[place] ?? 0, width(text));
      });
    }
  }
  return widest;
}

/** How a table stands on its page: upright or turned, in which size, in how many parts side by side. */
interface Fit {
  readonly turned: boolean;
  readonly command: string;
  /** The columns of each part, by their places; the first of all stands in every part. */
  readonly parts: readonly (readonly number[])[];
}

function fitOf(table: ReportTable, paper: Paper): Fit {
  const widths = columnWidths(table);
  const all = widths.map((_, place) => place);
  const wide = (places: readonly number[], size: number) =>
    places.reduce((sum, place) => sum + (widths[place] ?? 0) * size + columnGap, 0);
  const [short, long] = papers[paper].map((side) => side - marginOfPage) as [number, number];
  for (const turned of [false, true]) {
    const room = turned ? long : short;
    const fitting = sizes.find(({ size }) => wide(all, size) <= room);
    if (fitting) return { turned, command: fitting.command, parts: [all] };
  }
  const { command, size } = sizes[2];
  const [first = 0, ...rest] = all;
  const parts: number[][] = [[first]];
  for (const place of rest) {
    const part = parts.at(-1) as number[];
    if (part.length > 1 && wide([...part, place], size) > long) parts.push([first, place]);
    else part.push(place);
  }
  return { turned: true, command, parts };
}

/** The headings over some columns; a heading over several spans those of them that are there. */
function headsOver(heads: readonly ReportHead[], places: readonly number[]): ReportHead[] {
  let column = 0;
  return heads.flatMap((head) => {
    const own = Array.from({ length: head.span }, (_, i) => column + i);
    column += head.span;
    const span = own.filter((place) => places.includes(place)).length;
    return span > 0 ? [{ ...head, span }] : [];
  });
}

const line = (cells: readonly string[]) => `${cells.join(" & ")} \\\\`;

function partTex(node: TableNode, places: readonly number[], named: string): string {
  const { heads, groups } = node.table;
  const head = heads.map((one) => line(headsOver(one, places).map(headTex)));
  const rows = groups.flatMap(({ name, rows: own }) => [
    ...(name ? [`\\multicolumn{${places.length}}{l}{\\textit{${texOfText(name)}}} \\\\*`] : []),
    ...own.map((cells) => line(places.map((place) => (cells[place] ? cellTex(cells[place]) : "")))),
  ]);
  const columns = "r".repeat(places.length);
  if (rows.length <= mostRowsTogether) {
    return [
      `\\begin{table}[htbp]\n\\centering\n${named}`,
      `\\begin{tabular}{${columns}}\n\\toprule`,
      ...[...head, "\\midrule", ...rows, "\\bottomrule"],
      "\\end{tabular}\n\\end{table}",
    ].join("\n");
  }
  return [
    `\\begin{longtable}{${columns}}\n${named}\\\\\n\\toprule`,
    ...[...head, "\\midrule\n\\endfirsthead\n\\toprule"],
    ...[...head, "\\midrule\n\\endhead\n\\midrule\n\\endfoot\n\\bottomrule\n\\endlastfoot"],
    ...rows,
    "\\end{longtable}",
  ].join("\n");
}

/** A table with every row and column: long ones over several pages, wide ones smaller, turned, or in parts. */
export function tableTex(node: TableNode, paper: Paper): string {
  const { turned, command, parts } = fitOf(node.table, paper);
  const notes = node.table.notes.map(
    ({ letter, text }) => `{\\footnotesize\\textsuperscript{${letter}} ${texOfText(text)}\\par}`,
  );
  const caption = texOfRuns(node.caption);
  const made = parts.map((places, at) => {
    const named =
      at === 0
        ? `\\caption{${caption}}\\label{${labelTex(node.anchor)}}`
        : `\\caption[]{${caption} Further columns.}\\addtocounter{table}{-1}`;
    return partTex(node, places, named);
  });
  const whole = [...made, ...notes].join("\n");
  const sized =
    command === "" ? whole : `{${command}\\setlength{\\tabcolsep}{${columnGap / 2}pt}\n${whole}\n}`;
  return turned ? `\\begin{landscape}\n${sized}\n\\end{landscape}` : sized;
}
