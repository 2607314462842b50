import type { Act } from "@/investigation/acts/act";
import { addQuantity } from "@/investigation/acts/addQuantity";
import { addBlocks } from "@/investigation/acts/addBlocks";
import { describeBlock } from "@/investigation/acts/describeBlock";
import { setWriteUp } from "@/investigation/acts/setWriteUp";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRichText } from "@/investigation/model/richText";
import { samples } from "@/investigation/samples/samples";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { reportOf } from "../../../tests/fixtures/sampleReport";
import { layoutPages, type ReportPage } from "./layoutPages";
import type { SetLine } from "./setLine";
import { setLines } from "./setLines";

const after = <Args>(from: Investigation, act: Act<Args>, args: Args) =>
  perform(from, act, args).document;
const pagesOf = (document: Investigation) => layoutPages(reportOf(document).report);

const wordsOn = ({ parts }: ReportPage) =>
  parts.flatMap(({ scene }) =>
    scene.shapes.flatMap((shape) =>
      shape.kind === "text" ? [shape.runs.map(({ text }) => text).join("")] : [],
    ),
  );

const bare = { heading: "", text: [], hidden: false };

/** The plain rule with a table of so many readings and nothing else. */
function longTable(rows: number): Investigation {
  const laid = after(plainRule(), addBlocks, {
    blocks: [{ id: "t", block: { ...bare, kind: "readings", of: "main" } }],
    before: null,
  });
  const readings = Array.from({ length: rows }, (_, i) => ({ row: `long${i}`, cell: "overhang", text: `0.${100 + i}` })); // prettier-ignore
  return after(laid, typeReadings, { readings });
}

/** The plain rule with a table of so many quantities beside its own. */
function wideTable(columns: number): Investigation {
  const ids = Array.from({ length: columns }, (_, i) => `s${i}`);
  const wide = ids.reduce(
    (before, id) => after(before, addQuantity, { id, symbol: id, table: "main" }),
    after(plainRule(), addBlocks, {
      blocks: [
        { id: "t", block: { ...bare, kind: "readings", of: "main", heading: "All of them" } },
        { id: "u", block: { ...bare, kind: "text", of: "", text: plainRichText("Written behind it.") } }, // prettier-ignore
      ],
      before: null,
    }),
  );
  const [row] = Object.keys(wide.rows);
  return after(wide, typeReadings, {
    readings: ids.map((cell, i) => ({ row: row!, cell, text: `${10 + i}234.5` })),
  });
}

describe("words in lines", () => {
  const text = (words: string) => [{ kind: "text" as const, text: words }];

  const written = ({ parts }: SetLine) =>
    parts.flatMap(({ runs }) => runs.map((run) => run.text)).join("");

  test("no line is wider than its room, and no word is lost", () => {
    const words =
      "The load was pushed down by about a finger’s width and let go, three times over.";
    const lines = setLines(text(words), 150, 10);
    expect(lines.length).toBeGreaterThan(2);
    for (const { width } of lines) expect(width).toBeLessThanOrEqual(150);
    const again = lines.map(written).join(" ");
    expect(again).toBe(words);
  });

  test("a no-break space holds, a word without end is broken", () => {
    const held = setLines(text("aaaa bbbb\u00a0cccc"), 60, 10);
    expect(held.map(written)).toEqual(["aaaa", "bbbb\u00a0cccc"]); // prettier-ignore
    const endless = setLines(text("x".repeat(200)), 100, 10);
    for (const { width } of endless) expect(width).toBeLessThanOrEqual(100);
  });
});

describe("pages", () => {
  test.each(Object.entries(samples))("of %s break no short table or working", (_, make) => {
    const pages = pagesOf(make()).map((page) => wordsOn(page).join(" "));
    for (const page of pages.slice(1)) {
      expect(page).not.toMatch(/^(percentage|together|stated|value|± together|steepest)/);
    }
    const example = pages.filter((page) => page.includes("Worked example"));
    for (const page of example) {
      const [begun, stated] = [/Worked example/g, /stated/g].map(
        (word) => page.match(word)!.length,
      );
      expect(stated).toBeGreaterThanOrEqual(begun!);
    }
  });

  test.each(Object.entries(samples))("of %s keep everything within the paper", (_, make) => {
    for (const { width, height, parts } of pagesOf(make())) {
      for (const { x, y, scale, scene } of parts) {
        expect(x).toBeGreaterThanOrEqual(60);
        expect(x + scene.width * scale).toBeLessThanOrEqual(width - 60);
        expect(y).toBeGreaterThanOrEqual(55);
        expect(y + scene.height * scale).toBeLessThanOrEqual(height - 24);
      }
    }
  });

  test("are the same for the same document, and other ones on other paper", () => {
    const document = samples.clampedRule();
    expect(pagesOf(document)).toEqual(pagesOf(document));
    const letter = pagesOf(after(document, setWriteUp, { change: { paper: "letter" } }));
    expect(letter[0]).toMatchObject({ width: 612, height: 792 });
  });

  test("a long table goes on with its headings drawn anew, and every row is there once", () => {
    const pages = pagesOf(longTable(120));
    expect(pages.length).toBeGreaterThan(2);
    const rows = pages.flatMap(wordsOn).filter((words) => /^0\.\d{3}$/.test(words));
    expect(rows).toHaveLength(120 + 7);
    for (const page of pages) expect(wordsOn(page)).toContain("L / m");
  });

  test("a table too wide for an upright page turns it, at last in parts, in letters that can be read", () => {
    for (const [columns, across] of [
      [8, false],
      [14, true],
      [40, true],
    ] as const) {
      const pages = pagesOf(wideTable(columns));
      const own = pages.filter((page) => wordsOn(page).some((words) => words === "s0"));
      expect(own.every(({ width, height }) => width > height)).toBe(across);
      const words = pages.flatMap(wordsOn);
      for (let i = 0; i < columns; i++)
        expect(words.filter((one) => one === `s${i}`)).toHaveLength(1);
      expect(words.join(" ").includes("further columns")).toBe(columns === 40);
      for (const { parts, width } of pages) {
        for (const { scale, x, scene } of parts) {
          expect(scale * 9).toBeGreaterThanOrEqual(6.9);
          expect(x + scene.width * scale).toBeLessThan(width - 60);
        }
      }
      const behind = pages.find((page) => wordsOn(page).includes("Written behind it."))!;
      expect(behind.width).toBeLessThan(behind.height);
    }
  });

  test("a heading is never left alone at the foot of a page", () => {
    for (let lines = 20; lines < 60; lines++) {
      const paragraphs = plainRichText(...Array.from({ length: lines }, () => "A line."));
      const laid = after(plainRule(), addBlocks, {
        blocks: [
          { id: "a", block: { ...bare, kind: "text", of: "", text: paragraphs } },
          { id: "b", block: { ...bare, kind: "text", of: "", heading: "Aim", text: plainRichText("To find it.") } }, // prettier-ignore
        ],
        before: null,
      });
      const page = pagesOf(laid).find((one) => wordsOn(one).includes("Aim"))!;
      expect(wordsOn(page)).toContain("To find it.");
    }
  });

  test("a hidden block is on no page", () => {
    const document = samples.clampedRule();
    const [id] = Object.entries(document.writeUp.blocks).find(([, one]) => one.section === "aim")!;
    const hidden = after(document, describeBlock, { block: id, change: { hidden: true } });
    expect(pagesOf(hidden).flatMap(wordsOn)).not.toContain("Aim");
  });
});
