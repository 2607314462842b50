import { execFileSync } from "node:child_process";
import { existsSync } from "node:fs";

/** Where Debian puts the programs that read files. */
const places = {
  pandoc: "/usr/bin/pandoc",
  qpdf: "/usr/bin/qpdf",
  pdftotext: "/usr/bin/pdftotext",
  xmllint: "/usr/bin/xmllint",
  soffice: "/usr/bin/soffice",
  pdflatex: "/usr/bin/pdflatex",
  lualatex: "/usr/bin/lualatex",
  tidy: "/usr/bin/tidy",
  "rsvg-convert": "/usr/bin/rsvg-convert",
  python3: "/usr/bin/python3",
  chromium: "/usr/bin/chromium",
} as const;

export type Program = keyof typeof places;

export const isThere = (program: Program) => existsSync(places[program]);

interface Failure {
  readonly stdout?: string;
  readonly stderr?: string;
  readonly status?: number;
}

/** Runs a program on files; its output, or an error with what it complained of. Some end with a number that is fine. */
export function run(
  program: Program,
  args: readonly string[],
  folder: string,
  fine: readonly number[] = [],
): string {
  try {
    return execFileSync(places[program], args, {
      cwd: folder,
      encoding: "utf8",
      maxBuffer: 1e8,
      stdio: ["ignore", "pipe", "pipe"],
    });
  } catch (error) {
    const { stdout = "", stderr = "", status } = error as Failure;
    if (fine.includes(status ?? -1)) return stdout;
    const said = `${stdout}\n${stderr}`.split("\n").filter((line) => /^!|error|Error|warn/i.test(line)); // prettier-ignore
    throw new Error(`${program}: ${said.slice(0, 3).join(" / ").slice(0, 300)}`);
  }
}

/** The words of a PDF in the order in which they are drawn. */
export const wordsOfPdf = (file: string, folder: string) =>
  run("pdftotext", ["-raw", file, "-"], folder);

/** Where Debian puts the library with which Python reads workbooks. */
export const readsWorkbooks = () => existsSync("/usr/lib/python3/dist-packages/openpyxl");

const workbookScript = `
import json, openpyxl, sys
book = openpyxl.load_workbook(sys.argv[1])
print(json.dumps([[[cell.value for cell in row] for row in sheet.iter_rows()] for sheet in book]))
`;

/** Every cell of a workbook as another program reads it, sheet by sheet. */
export const cellsOfWorkbook = (file: string, folder: string) =>
  JSON.parse(run("python3", ["-c", workbookScript, file], folder)) as readonly (readonly (readonly (
    string | number | null
  )[])[])[];

const csvScript = `
import csv, json, sys
with open(sys.argv[1], encoding="utf-8-sig", newline="") as file:
    print(json.dumps(list(csv.reader(file, delimiter=sys.argv[2]))))
`;

/** Every cell of a CSV as another program reads it. */
export const cellsOfCsv = (file: string, delimiter: string, folder: string) =>
  JSON.parse(run("python3", ["-c", csvScript, file, delimiter], folder)) as readonly (readonly string[])[]; // prettier-ignore

interface Part {
  readonly t?: string;
  readonly c?: unknown;
}

function strings(part: unknown): string[] {
  if (Array.isArray(part)) return part.flatMap(strings);
  if (typeof part !== "object" || part === null) return [];
  const { t, c } = part as Part;
  if (t === "Str") return [c as string];
  if (t === "Math" || t === "Code" || t === "RawInline") return [(c as [unknown, string])[1]];
  return Object.values(part).flatMap(strings);
}

/** The words of a document that pandoc reads, formulas in TeX. */
export function wordsOfDocument(file: string, from: string, folder: string): string {
  const read = JSON.parse(run("pandoc", ["-f", from, "-t", "json", file], folder)) as {
    readonly meta: unknown;
    readonly blocks: unknown;
  };
  return [...strings(read.meta), ...strings(read.blocks)].join(" ");
}
