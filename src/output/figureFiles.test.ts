import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import type { Scene } from "@/figure/scene";
import { svgText } from "@/figure/render/svgText";
import { describeFigure } from "@/investigation/acts/describeFigure";
import { setAxis } from "@/investigation/acts/setAxis";
import { showEquation } from "@/investigation/acts/showEquation";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../../tests/fixtures/plainRule";
import { shippedFont } from "../../tests/fixtures/shippedFont";
import { figureSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import { figurePdf } from "./pdf/figurePdf";
import { figureTex } from "./tex/figureTex";
import { tableAndFigurePdf } from "./pdf/tableAndFigurePdf";
import { onOneSheet, onSheets } from "./pdf/tableSheets";
import { plottedCsv, plottedTable } from "./plottedCells";

jest.setTimeout(60_000);

const folder = mkdtempSync(join(tmpdir(), "figure-"));

function shown(document: Investigation = plainRule()) {
  const figure = document.figures.main!;
  const fit = fitFigure(evaluateTables(document), figure)!;
  return { fit, document, specification: figureSpecification(figure, 1, fit, document.houseRules) };
}

function opened(name: string, bytes: Uint8Array) {
  const path = join(folder, name);
  writeFileSync(path, bytes);
  const text = execFileSync("pdftotext", ["-layout", path, "-"], { encoding: "utf8" });
  const fonts = execFileSync("pdffonts", [path], { encoding: "utf8" });
  execFileSync("pdftoppm", ["-r", "40", "-png", path, path]);
  return { text, fonts: fonts.trim().split("\n").slice(2) };
}

describe("a figure as PDF", () => {
  test("another program reads its words, and every font is inside", async () => {
    const { document } = perform(plainRule(), showEquation, { figure: "main", shown: true });
    const { specification } = shown(document);
    const { text, fonts } = opened(
      "figure.pdf",
      await figurePdf(layoutFigure(specification), "T² against L³", shippedFont),
    );
    expect(text).toMatch(/overhang cubed, ?L/);
    expect(text).toContain("0.14");
    expect(text).toMatch(/Figure 1\./);
    expect(text).toContain("12.3 ± 0.4");
    expect(fonts.length).toBeGreaterThanOrEqual(3);
    for (const line of fonts) expect(line).toMatch(/ yes +(yes|no) +yes /);
  });

  test("table and figure share one page of A4 or Letter", async () => {
    const { specification, fit, document } = shown();
    const table = { caption: "Readings.", cells: plottedTable(fit, document.houseRules) };
    for (const paper of ["a4", "letter"] as const) {
      const sheets = onOneSheet(layoutFigure(specification), table, paper)!;
      const bytes = await tableAndFigurePdf(sheets, "Rule", paper, shippedFont);
      const { text } = opened(`${paper}.pdf`, bytes);
      expect(text).toContain("0.0911 ± 0.0006");
      expect(text.match(/\f/g)).toHaveLength(1);
      expect(text.indexOf("0.0911")).toBeLessThan(text.indexOf("Figure 1."));
    }
  });

  test("a table too long for its figure's page goes on pages of its own, every row once, none too small", async () => {
    const { specification, fit, document } = shown();
    const [head, row] = plottedTable(fit, document.houseRules);
    const rows = Array.from({ length: 200 }, (_, i) => [[{ text: `0.${1000 + i}` }], row![1]!]);
    const table = { caption: "Readings.", cells: [head!, ...rows] };
    const scene = layoutFigure(specification);
    expect(onOneSheet(scene, table, "a4")).toBeUndefined();
    const sheets = onSheets(scene, table, "a4");
    const { text } = opened("long.pdf", await tableAndFigurePdf(sheets, "Rule", "a4", shippedFont));
    expect(text.match(/\f/g)).toHaveLength(sheets.length);
    expect(text.match(/0\.1\d{3}/g)).toHaveLength(200);
    const sizes = sheets
      .flat()
      .flatMap(({ scene: { shapes }, scale }) =>
        shapes.flatMap((shape) =>
          shape.kind === "text" ? shape.runs.map((run) => run.size * scale) : [],
        ),
      );
    expect(Math.min(...sizes)).toBeGreaterThan(5);
    expect(onOneSheet(scene, { ...table, cells: table.cells.slice(0, 60) }, "a4")).toHaveLength(1);
  });

  test("Greek letters and raised figures come through", async () => {
    const { document } = perform(plainRule(), describeFigure, {
      figure: "main",
      title: "Δλ of Ω and α",
      caption: "√ is not needed",
    });
    const scene = layoutFigure(shown(document).specification);
    const { text } = opened("greek.pdf", await figurePdf(scene, "Greek", shippedFont));
    expect(text).toContain("Δλ of Ω and α");
  });
});

/** How many dots of a drawn page are dark. */
function ink(path: string): number {
  execFileSync("pdftoppm", ["-r", "72", "-gray", "-singlefile", path, path]);
  const drawn = readFileSync(`${path}.pgm`);
  return drawn.subarray(-60 * 60).filter((grey) => grey < 128).length;
}

test.each([..."∂≈≤→∞∑Ωα±é5"])("another program draws %s as well as reading it", async (letter) => {
  const runs = [{ x: 0, y: 0, size: 30, face: "serif", text: letter }] as const;
  const shape = { kind: "text", role: "title", x: 15, y: 40, rotate: 0, fill: "#000000", runs } as const; // prettier-ignore
  const scene: Scene = { width: 60, height: 60, shapes: [shape], spots: [] };
  const { text } = opened("letter.pdf", await figurePdf(scene, "Letter", shippedFont));
  expect(text).toContain(letter);
  expect(ink(join(folder, "letter.pdf"))).toBeGreaterThan(20);
});

describe("a figure as text", () => {
  test("SVG is well-formed and carries no script", () => {
    const { document } = perform(plainRule(), describeFigure, {
      figure: "main",
      title: `<script>alert("x")</script> & more`,
      caption: "",
    });
    const svg = svgText(layoutFigure(shown(document).specification), "a <b> & c", "");
    const path = join(folder, "figure.svg");
    writeFileSync(path, svg);
    const check = "import sys, xml.dom.minidom; xml.dom.minidom.parse(sys.argv[1])";
    execFileSync("python3", ["-c", check, path]);
    expect(svg).not.toMatch(/<script|NaN|undefined|javascript:/);
  });

  test("TeX holds every point with its bars, the axes' words and the line", () => {
    const tex = figureTex(shown().specification);
    expect(tex).toContain("\\begin{axis}");
    expect(tex).toContain(
      "xlabel={overhang cubed, \\textit{\\rmfamily L}\\textsuperscript{3} / m\\textsuperscript{3}}",
    );
    expect(tex.match(/^[\d.e-]+( [\d.e-]+){5}$/gm)).toHaveLength(7);
    expect(tex.split("{").length).toBe(tex.split("}").length);
    const log = perform(plainRule(), setAxis, {
      figure: "main",
      axis: "x",
      change: { scale: "log" },
    });
    expect(figureTex(shown(log.document).specification)).toContain("xmode=log");
  });

  test("CSV of what is plotted, in full", () => {
    const { fit, document } = shown();
    const lines = plottedCsv(fit, document.houseRules).trimEnd().split("\r\n");
    expect(lines[0]).toBe(
      "\uFEFFL³ / m³,bar up of L³ / m³,bar down of L³ / m³,T² / s²,bar up of T² / s²,bar down of T² / s²",
    );
    expect(lines).toHaveLength(8);
    expect(lines[1]!.split(",")[0]).toBe("0.008");
    const commas = plottedCsv(fit, { ...document.houseRules, decimalMark: "comma" });
    expect(commas).toContain("0,008;");
  });
});
