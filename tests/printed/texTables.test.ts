import { reportTexFiles } from "@/output/documents/reportTex";
import { samples } from "@/investigation/samples/samples";
import { type Report, type ReportTable, tableNode } from "@/output/report/report";
import { reportOf } from "../fixtures/sampleReport";

function withTable(table: ReportTable): Report {
  const { report } = reportOf(samples.clampedRule());
  const node = tableNode("table:x", 1, [{ text: "Many." }], table);
  const [block] = report.blocks;
  return { ...report, blocks: [{ ...block!, typed: [], shown: [node] }] };
}

function numbers(columns: number, rows: number): ReportTable {
  const runs = (row: number, column: number) => [{ text: `${row}.${column}` }];
  return {
    heads: [Array.from({ length: columns }, (_, i) => ({ runs: [{ text: `q${i}` }], span: 1 }))],
    grouped: "series",
    groups: [
      {
        rows: Array.from({ length: rows }, (_, row) =>
          Array.from({ length: columns }, (_, i) => ({ runs: runs(row, i) })),
        ),
      },
    ],
    notes: [],
  };
}

const source = (columns: number, rows: number) =>
  reportTexFiles(withTable(numbers(columns, rows)))["report.tex"]!;

test("a long table goes over several pages with its headings, and holds every row", () => {
  const tex = source(3, 464);
  expect(tex).toContain("\\begin{longtable}");
  expect(tex).toContain("\\endhead");
  for (let row = 0; row < 464; row++)
    expect(tex).toContain(`\n${row}.0 & ${row}.1 & ${row}.2 \\\\`);
  expect(source(3, 12)).toContain("\\begin{table}");
});

test("a wide table gets smaller, is turned, and at last parted, each part with the first column", () => {
  expect(source(8, 5)).not.toMatch(/landscape\}\n|\\(small|footnotesize|scriptsize)\\setlength/);
  expect(source(24, 5)).toMatch(/\\begin\{landscape\}/);
  const parted = source(60, 5);
  expect(parted.match(/\\begin\{tabular\}/g)!.length).toBeGreaterThan(1);
  for (let column = 0; column < 60; column++) expect(parted).toContain(`4.${column}`);
  expect(parted.match(/4\.0 &/g)!.length).toBe(parted.match(/\\begin\{tabular\}/g)!.length);
});

test("parts of one table share its number and its size of type, and are about as wide", () => {
  const parted = source(60, 5);
  const [first, ...others] = parted.split("\\begin{table}").slice(1);
  expect(first).not.toContain("(further columns)");
  expect(others.length).toBeGreaterThan(0);
  for (const other of others) expect(other).toContain("\\scriptsize");
  const less = parted.match(/\\addtocounter\{table\}\{-1\}\n\\begin\{table\}/g);
  expect(less).toHaveLength(others.length);
  const columns = [...parted.matchAll(/\\begin\{tabular\}\{(r+)\}/g)].map(([, all]) => all!.length);
  expect(Math.max(...columns) - Math.min(...columns)).toBeLessThan(6);
});
