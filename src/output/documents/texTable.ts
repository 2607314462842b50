import { type Paper, papers } from "../papers";
import { columnWidths, fittedTable } from "../report/fittedTable";
import type { ReportCell, ReportHead, ReportNode, ReportTable } from "../report/report";
import { texOfRuns, texOfText } from "../tex/texText";

type TableNode = Extract<ReportNode, { kind: "table" }>;

/** More rows than this go over the end of a page. */
const mostRowsTogether = 24;
/** Commands for sizes of type, in points. */
const commands: Readonly<Record<number, string>> = {
  11: "",
  10: "\\small",
  9: "\\footnotesize",
  8: "\\scriptsize",
};
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

const line = (cells: readonly string[]) => `${cells.join(" & ")} \\\\`;

function partTex({ heads, groups }: ReportTable, named: string, sized: string): string {
  const columns = (heads.at(-1) ?? []).length;
  const head = heads.map((one) => line(one.map(headTex)));
  const rows = groups.flatMap(({ name, rows: own }) => [
    ...(name ? [`\\multicolumn{${columns}}{l}{\\textit{${texOfText(name)}}} \\\\*`] : []),
    ...own.map((cells) => line(cells.map(cellTex))),
  ]);
  const aligned = "r".repeat(columns);
  if (rows.length <= mostRowsTogether) {
    return [
      `\\begin{table}[htbp]\n\\centering\n${named}\n${sized}`,
      `\\begin{tabular}{${aligned}}\n\\toprule`,
      ...[...head, "\\midrule", ...rows, "\\bottomrule"],
      "\\end{tabular}\n\\end{table}",
    ].join("\n");
  }
  return [
    `\\begin{longtable}{${aligned}}\n${named}\\\\\n\\toprule`,
    ...[...head, "\\midrule\n\\endfirsthead\n\\toprule"],
    ...[...head, "\\midrule\n\\endhead\n\\midrule\n\\endfoot\n\\bottomrule\n\\endlastfoot"],
    ...rows,
    "\\end{longtable}",
  ].join("\n");
}

/** A table with every row and column: long ones over several pages, wide ones smaller, turned, or in parts. */
export function tableTex(node: TableNode, paper: Paper): string {
  const [upright, turned] = papers[paper].map((side) => side - marginOfPage) as [number, number];
  const widths = columnWidths(node.table, { face: "serif", barBelow: false });
  const fitted = fittedTable(node.table, widths, {
    upright,
    turned,
    sizes: Object.keys(commands)
      .map(Number)
      .sort((a, b) => b - a),
    gap: columnGap,
  });
  const notes = node.table.notes.map(
    ({ letter, text }) => `{\\footnotesize\\textsuperscript{${letter}} ${texOfText(text)}\\par}`,
  );
  const caption = texOfRuns(node.caption);
  const command = commands[fitted.size] ?? "";
  const sized = command === "" ? "" : `${command}\\setlength{\\tabcolsep}{${columnGap / 2}pt}`;
  const made = fitted.parts.map((part, at) =>
    at === 0
      ? partTex(part, `\\caption{${caption}}\\label{${labelTex(node.anchor)}}`, sized)
      : `\\addtocounter{table}{-1}\n${partTex(part, `\\caption[]{${caption} (${node.further})}`, sized)}`,
  );
  const whole = [...made, ...notes].join("\n");
  const grouped = sized === "" ? whole : `{${sized}\n${whole}\n}`;
  return fitted.turned ? `\\begin{landscape}\n${grouped}\n\\end{landscape}` : grouped;
}
