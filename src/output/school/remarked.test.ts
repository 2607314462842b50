import { samples } from "@/investigation/samples/samples";
import type { Remark } from "@/protocol/remarks";
import { layoutPages } from "../pages/layoutPages";
import { buildReport } from "../report/buildReport";
import { curvesOf } from "../report/curvesOf";
import { reportContext } from "../report/reportContext";
import { printedRemarks } from "./printedRemarks";
import { type PrintedRemark, remarkedPages } from "./remarkedPages";

const document = samples.clampedRule();
const report = buildReport(reportContext(document, curvesOf(document)));
const pages = layoutPages(report);
const [firstRow] = Object.keys(document.rows);

const remark = (id: string, stage: Remark["stage"], place: string, text: string): Remark => ({
  id,
  stage,
  place,
  quote: "",
  text,
  by: "Greta",
  madeAt: "2026-11-28T10:00:00.000Z",
  shown: true,
  done: false,
  answers: [{ id: "x", by: "Mina", text: "We counted again.", at: "2026-11-28T11:00:00.000Z" }],
});
const criteria = {
  care: { order: "a0", text: "Care", points: 4 },
  words: { order: "a1", text: "Words", points: 6 },
};

/** The words in the right margin of a page, line by line. */
const beside = (page: (typeof pages)[number]) =>
  page.parts
    .filter(({ x }) => x > page.width * 0.74)
    .flatMap(({ scene }) => scene.shapes)
    .flatMap((shape) =>
      shape.kind === "text" ? [shape.runs.map(({ text }) => text).join("")] : [],
    );

test("a remark is printed beside the block that shows what it is on, with its number and its answers", () => {
  const all = [
    remark("b", "plot", "figure:main", "Crowded."),
    remark("a", "measure", `cell:${firstRow}/time~2`, "Eleven swings?"),
  ];
  const printed = printedRemarks(document, { remarks: all }, {});
  expect(printed.map(({ number, on, block }) => [number, on, block])).toEqual([
    [1, "row 1, t10, repeat 2", "block4"],
    [2, "Figure 1", "block9"],
  ]);
  expect(printed[0]?.lines).toEqual(["Eleven swings?", "Mina: We counted again."]);
  const said = remarkedPages(pages, report, printed).map(beside);
  const page = (words: string) => said.findIndex((lines) => lines.join(" ").includes(words));
  const begins = (node: string) => pages.findIndex(({ parts }) => parts.some(({ path }) => path[0]?.role === node));
  expect(page("Crowded.")).toBe(begins("Figure"));
  expect(page("Eleven")).toBeLessThanOrEqual(page("Crowded."));
}); // prettier-ignore

test("marks stand first: points by criteria, their sum, the last word", () => {
  const judged = { points: { care: 3.5 }, lastWord: "Good.\nGo on." };
  const [marks] = printedRemarks(document, { remarks: [], judged }, criteria);
  expect(marks).toEqual({
    block: undefined,
    on: "3.5 of 10 points",
    lines: ["3.5 / 4  Care", "Good.", "Go on."],
  });
});

test("nothing lies over anything else, and what finds no room goes to a page of its own", () => {
  const many = Array.from(
    { length: 60 },
    (_, i): PrintedRemark => ({ number: i + 1, block: "block4", on: "the table of readings", lines: ["Look at this again, please, and say why it is so."] }),
  );
  const found = remarkedPages(pages, report, many);
  expect(found.length).toBeGreaterThan(pages.length);
  const numbers = found.flatMap(({ parts }) => parts.flatMap(({ path }) => path.map(({ id }) => id)));
  for (const { number } of many) expect(numbers).toContain(`remark${number}`);
  for (const { width, height, parts } of found) {
    for (const { x, y, scale, scene } of parts) {
      expect(x + scene.width * scale).toBeLessThan(width);
      expect(y + scene.height * scale).toBeLessThan(height);
    }
  }
}); // prettier-ignore
