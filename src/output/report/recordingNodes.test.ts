import { outlineOf } from "@/core/recording/outline";
import { keepRecording } from "@/investigation/acts/keepRecording";
import { readOff } from "@/investigation/acts/readOff";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { setRecording } from "@/investigation/acts/setRecording";
import { addBlocks } from "@/investigation/acts/addBlocks";
import type { Act } from "@/investigation/acts/act";
import { perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { plainBlock } from "@/investigation/model/writeUp";
import { plainRunText } from "@/core/unit/runText";
import { buildReport } from "./buildReport";
import { reportContext } from "./reportContext";
import { unusedBlocks } from "./proposedBlocks";
import { ruleSensor } from "../../../tests/fixtures/recordedRule";

const columns = Float32Array.from({ length: 640 }, (_v, i) => Math.sin(i / 20));
const choice = { recording: "r", channel: 0, what: "gap", from: 1.3, to: 9.4, of: "rising", moment: null, level: null, depth: null, every: 1, nth: 1 } as const; // prettier-ignore

function reported(...further: readonly (readonly [Act<never>, unknown])[]) {
  const acts: (readonly [Act<never>, unknown])[] = [
    [keepRecording as Act<never>, { id: "r", name: "tip of the rule", how: ruleSensor, readings: 2001, begunAt: "2026-11-29T08:00:00Z", outline: [outlineOf(columns)] }],
    [setRecording as Act<never>, { id: "r", choices: { trim: { from: 1.2, to: null }, aside: { a: { from: 4, to: 4.5, reason: "a door fell shut" } } } }],
    [readOff as Act<never>, { id: "o", choice, cameOf: { value: 0.73771, random: 0.00012, common: 0.00004, unit: "s" }, to: { row: "row1", cell: "y" } }],
    [readOff as Act<never>, { id: "p", choice: { ...choice, what: "decay" }, cameOf: { value: 7.05, random: 0.04, common: 0, unit: "s" } }],
    [addBlocks as Act<never>, { blocks: [{ id: "b", block: plainBlock("", "recording", "r") }], before: null }],
    ...further,
  ]; // prettier-ignore
  let document = emptyInvestigation("Rule");
  for (const [act, args] of acts) document = perform(document, act as Act<unknown>, args).document;
  const block = buildReport(reportContext(document, new Map())).blocks.find(
    ({ kind }) => kind === "recording",
  )!;
  return { document, block };
}

test("a report says how a recording was taken, what was cut, and what was read off it", () => {
  const { block } = reported();
  const [heading, how, trace, below, table] = block.shown;
  expect(heading).toEqual({ kind: "heading", text: "tip of the rule" });
  expect(how).toMatchObject({
    inlines: [
      {
        text: "By the displacement sensor: displacement, 2001 readings, 200 readings a second. It was trimmed: what lies before 1.20 s takes no part. From 4.00 s to 4.50 s it was set aside: a door fell shut.",
      },
    ],
  });
  expect(trace).toMatchObject({ kind: "number-line", description: "Trace of tip of the rule over 10.00 s." });
  const caption = below?.kind === "paragraph" ? below.inlines.map((one) => "text" in one && one.text).join("") : "";
  expect(caption).toBe("Figure 1. tip of the rule, against time; pale what takes no part, numbered what was read off.");
  const rows = table?.kind === "table" ? table.table.groups[0]!.rows : [];
  expect(rows.map((row) => row.map(({ runs }) => plainRunText(runs)))).toEqual([
    ["1. rising crossings of the middle, mean gap", "1.300", "9.400", "0.7377 ± 0.0004 s", "row 1 of y"],
    ["2. decay of the peaks, time constant", "1.300", "9.400", "7.05 ± 0.12 s", "nowhere yet"],
  ]);
}); // prettier-ignore

test("it follows the house rules, and a recording that is not shown yet is proposed", () => {
  const { block, document } = reported([setHouseRules as Act<never>, { decimalMark: "comma", headings: "brackets" }]); // prettier-ignore
  const table = block.shown.find((node) => node.kind === "table");
  expect(table?.kind === "table" && plainRunText(table.table.heads[0]![1]!.runs)).toBe("from (s)");
  expect(JSON.stringify(table)).toContain("0,7377 ± 0,0004");
  expect(unusedBlocks(document).some(({ kind }) => kind === "recording")).toBe(false);
  const bare = { ...document, writeUp: { ...document.writeUp, blocks: {} } };
  expect(unusedBlocks(bare).filter(({ kind }) => kind === "recording")).toEqual([plainBlock("", "recording", "r")]);
  const gone = { ...document, recordings: {} };
  const [shown] = buildReport(reportContext(gone, new Map())).blocks.filter(({ kind }) => kind === "recording");
  expect(shown?.missing).toBe("This recording is no longer there, or holds no readings.");
}); // prettier-ignore

test("what was trimmed away is drawn pale, the trim’s edge dashed, and nothing lies outside the paper", () => {
  const { block } = reported();
  const node = block.shown.find(({ kind }) => kind === "number-line");
  const scene = node?.kind === "number-line" ? node.scene : undefined;
  const strokes = scene!.shapes.flatMap((shape) => (shape.kind === "path" ? [[shape.role, shape.stroke, shape.dash]] : []));
  expect(strokes).toEqual(expect.arrayContaining([["curve", "#B9C4C7", undefined], ["curve", "#14323C", undefined], ["rule", "#14323C", [3, 2]]]));
  const places = scene!.shapes.flatMap((shape) => (shape.kind === "path" ? shape.path : [])).filter((one) => "x" in one);
  expect(places.every((one) => "x" in one && one.x >= 0 && one.x <= scene!.width && one.y >= 0 && one.y <= scene!.height)).toBe(true);
  const texts = scene!.shapes.flatMap((shape) => (shape.kind === "text" ? [shape.runs.map(({ text }) => text).join("")] : []));
  expect(texts).toEqual(expect.arrayContaining(["y / mm", "t / s", "1, 2"]));
}); // prettier-ignore
