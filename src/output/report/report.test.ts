import { headingOf } from "@/wording/writingUp";
import { falseSteps } from "../../../tests/fixtures/readTexNumber";
import { plainRunText } from "@/core/unit/runText";
import type { Act } from "@/investigation/acts/act";
import { addBlocks } from "@/investigation/acts/addBlocks";
import { addConstant } from "@/investigation/acts/addConstant";
import { describeBlock } from "@/investigation/acts/describeBlock";
import { moveBlock } from "@/investigation/acts/moveBlock";
import { setAside } from "@/investigation/acts/setAside";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { setWriteUp } from "@/investigation/acts/setWriteUp";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { said } from "@/investigation/samples/said";
import { samples } from "@/investigation/samples/samples";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { reportOf, wordsOf } from "../../../tests/fixtures/sampleReport";
import { liveValues } from "./liveValues";
import { layOut, unusedBlocks } from "./proposedBlocks";
import { type ReportTable, shownNodes } from "./report";

const after = <Args>(from: Investigation, act: Act<Args>, args: Args) =>
  perform(from, act, args).document;

function tableIn(document: Investigation, number: number): ReportTable {
  const found = shownNodes(reportOf(document).report).find(
    (node) => node.kind === "table" && node.number === number,
  );
  if (found?.kind !== "table") throw new Error(`there is no table ${number}`);
  return found.table;
}

const texts = (table: ReportTable) =>
  table.groups.flatMap(({ rows }) =>
    rows.map((cells) =>
      cells.map(({ runs, uncertainty, aside }) =>
        [plainRunText(runs), uncertainty, aside].filter(Boolean).join(" "),
      ),
    ),
  );

const heads = ({ heads: lines }: ReportTable) =>
  lines.map((line) =>
    line.map(({ runs, uncertainty }) =>
      [plainRunText(runs), uncertainty].filter(Boolean).join(" "),
    ),
  );

describe("the table of readings", () => {
  test("repeats stand under one heading with their mean; units only in headings", () => {
    const table = tableIn(samples.clampedRule(), 1);
    expect(heads(table)).toEqual([
      ["", "t10 / s"],
      ["L / m ± 0.001", "1", "2", "3", "mean ± 0.1"],
    ]);
    expect(texts(table)[0]).toEqual(["0.200", "3.07", "3.09", "3.05", "3.1"]);
  });

  test("headings follow the house rules, and the ± may stand beside each value", () => {
    const brackets = after(samples.clampedRule(), setHouseRules, { headings: "brackets" });
    const beside = after(brackets, setWriteUp, { change: { uncertainties: "beside" } });
    const table = tableIn(beside, 1);
    expect(heads(table)[1]![0]).toBe("L (m)");
    expect(texts(table)[0]).toEqual(["0.200 ± 0.001", "3.07", "3.09", "3.05", "3.1 ± 0.1"]);
  });

  test("the ± of readings and of what follows from them have the same decimals in every row", () => {
    const wires = texts(tableIn(samples.constantanWires(), 1)).map((row) => row[2]);
    expect(wires.slice(3, 6)).toEqual(["1.257 ± 0.008", "1.587 ± 0.010", "1.878 ± 0.011"]);
    const squares = texts(tableIn(samples.leakingCistern(), 2)).map((row) => row[3]);
    expect(squares.slice(-3)).toEqual(["2.83 ± 0.07", "3.51 ± 0.10", "4.00 ± 0.13"]);
  });

  test("a caption says what the ± of a row leaves out", () => {
    const captions = (document: Investigation) =>
      shownNodes(reportOf(document).report).flatMap((node) =>
        node.kind === "table" ? [plainRunText(node.caption)] : [],
      );
    const [raw, processed] = captions(samples.leakingCistern());
    expect(raw).not.toContain("leaves out");
    expect(processed).toContain("The ± of a row leaves out what V and d bring to all rows alike.");
    expect(captions(samples.clampedRule()).join()).not.toContain("leaves out");
  });

  test("what is set aside stays, with a letter that leads to its reason", () => {
    const document = after(samples.clampedRule(), setAside, {
      readings: [{ row: "row3", cell: "time~2" }],
      reason: "miscounted",
    });
    const table = tableIn(document, 1);
    expect(texts(table)[2]).toEqual(["0.300", "5.82", "5.78 a", "5.70", "5.8"]);
    expect(table.notes).toEqual([{ letter: "a", text: "set aside: miscounted" }]);
  });

  test("each series stands under its name", () => {
    const table = tableIn(samples.constantanWires(), 1);
    expect(table.groups.map(({ name, rows }) => [name, rows.length])).toEqual([
      ["thin wire", 6],
      ["thick wire", 6],
    ]);
    expect(texts(table)[4]![2]).toBe("1.587 ± 0.010");
  });
});

describe("the table of processed readings", () => {
  test("every row of a column has the same decimals where its ± allow it", () => {
    const rows = texts(tableIn(samples.clampedRule(), 2));
    expect(rows.map((cells) => cells[4])).toEqual([
      ...["0.09 ± 0.01", "0.19 ± 0.01", "0.33 ± 0.01", "0.53 ± 0.01"],
      ...["0.79 ± 0.02", "1.13 ± 0.02", "1.56 ± 0.02"],
    ]);
    for (const column of [0, 1, 2, 3, 4]) {
      const decimals = rows.map((cells) => /\.(\d+)/.exec(cells[column]!)?.[1]?.length);
      expect(new Set(decimals).size).toBe(1);
    }
  });

  test("very small or large numbers have their power of ten in the heading", () => {
    const document = after(plainRule(), addConstant, {
      id: "k",
      name: "",
      symbol: "k",
      value: "1e-7",
      uncertainty: "",
      unit: "",
      source: "",
    });
    const tiny = { ...document.quantities, cubed: { ...document.quantities.cubed!, formula: "k*L^3" } }; // prettier-ignore
    const laid = after({ ...document, quantities: tiny }, addBlocks, {
      blocks: [{ id: "p", block: { kind: "processed", of: "main", heading: "", text: [], hidden: false } }], // prettier-ignore
      before: null,
    });
    const table = tableIn(laid, 1);
    expect(heads(table)[0]).toContain("L³ / 10⁻⁸\u00a0m³");
    expect(texts(table)[6]![3]).toBe("1.250 ± 0.008");
  });
});

test("half the range, and every other step of all samples' workings, comes out of what is written", () => {
  const written = Object.values(samples).flatMap((make) =>
    shownNodes(reportOf(make()).report).flatMap((node) =>
      node.kind === "working" ? node.lines.map(({ tex }) => tex) : [],
    ),
  );
  const ranges = written.filter((tex) => /\\frac\{.+ - .+\}\{2\}/.test(tex));
  expect(ranges.length).toBeGreaterThan(6);
  expect(ranges.some((tex) => tex.includes("\\frac{-"))).toBe(true);
  expect(written.flatMap(falseSteps)).toEqual([]);
});

describe("the order of the report", () => {
  test("all that an investigation holds is laid out in the order of a lab report", () => {
    expect(layOut(plainRule()).map((block) => headingOf(block) || block.kind)).toEqual([
      ...["title", "Aim", "Apparatus and method", "readings", "example", "example", "example"],
      ...["processed", "figure", "line", "Discussion", "References"],
    ]);
    expect(unusedBlocks(samples.clampedRule())).toEqual([]);
  });

  test("a part of the report has its usual heading until another is typed, and none once that is emptied", () => {
    const document = samples.clampedRule();
    const [id] = Object.entries(document.writeUp.blocks).find(([, one]) => one.section === "aim")!;
    const first = (of: Investigation) =>
      shownNodes(reportOf(of).report).find(({ kind }) => kind === "heading");
    expect(first(document)).toMatchObject({ text: "Aim" });
    const own = after(document, describeBlock, { block: id, heading: "What for" });
    expect(first(own)).toMatchObject({ text: "What for" });
    const none = after(own, describeBlock, { block: id, heading: "" });
    expect(first(none)).toMatchObject({ text: "Apparatus and method" });
  });

  test("the mean of a row that is set aside is struck like its readings", () => {
    const readings = [{ row: "row3", cell: "_row" }];
    const aside = after(samples.clampedRule(), setAside, {
      readings,
      reason: { usual: "misread" },
    });
    const table = tableIn(aside, 1);
    const [, , third] = table.groups.flatMap(({ rows }) => rows);
    expect(third?.map((cell) => cell.aside)).toEqual(third?.map(() => "a"));
    expect(table.notes).toEqual([{ letter: "a", text: "set aside: misread" }]);
  });

  test("tables and figures number themselves, and references follow a move and a hiding", () => {
    const two = samples.dischargingCapacitor();
    expect(wordsOf(reportOf(two).report)).toContain("The line in Figure\u00a01 gives");
    const [first] = Object.entries(two.writeUp.blocks).find(([, one]) => one.of === "main" && one.kind === "figure")!; // prettier-ignore
    const moved = after(two, moveBlock, { block: first, before: null });
    expect(wordsOf(reportOf(moved).report)).toContain("The line in Figure\u00a02 gives");
    const hidden = after(two, describeBlock, { block: first, change: { hidden: true } });
    expect(wordsOf(reportOf(hidden).report)).toContain("The line in Figure (not shown) gives");
  });
});

describe("what is live", () => {
  test("a mended reading changes tables, results and numbers in the text", () => {
    const before = samples.clampedRule();
    const mended = after(before, typeReadings, {
      readings: [1, 2, 3].map((n) => ({ row: "row7", cell: n === 1 ? "time" : `time~${n}`, text: "13.00" })), // prettier-ignore
    });
    const [a, b] = [before, mended].map((one) => wordsOf(reportOf(one).report));
    expect(a).toContain("was (12.5\u00a0±\u00a00.4)\u00a0s2");
    expect(b).not.toContain("was (12.5\u00a0±\u00a00.4)\u00a0s2");
    expect(b).toContain("13.00");
  });

  test("values carry their ± and unit, with no more figures than the ±", () => {
    const values = liveValues(reportOf(samples.clampedRule()).context);
    const found = Object.fromEntries(values.map(({ of, runs }) => [of, plainRunText(runs)]));
    expect(found).toMatchObject({
      "result:stiffness": "(200\u00a0±\u00a020)\u00a0GPa",
      "accepted:stiffness": "(210\u00a0±\u00a05)\u00a0GPa",
      "percent:stiffness": "3.3\u00a0%",
      "constant:thickness": "(0.70\u00a0±\u00a00.01)\u00a0mm",
    });
  });

  test("what shows nothing says what is missing", () => {
    const laid = after(plainRule(), addBlocks, {
      blocks: [{ id: "c", block: { kind: "result", of: "gone", heading: "", text: [], hidden: false } }], // prettier-ignore
      before: null,
    });
    const [block] = reportOf(laid).report.blocks;
    expect(block).toMatchObject({ shown: [], missing: "This result is no longer there." });
  });
});

test("square brackets in a sample's sentence become what they name", () => {
  expect(said("- In [figure:main] [=T^2] is [result:E].")).toEqual([
    {
      kind: "bullet",
      inlines: [
        { kind: "text", text: "In " },
        { kind: "reference", to: "figure:main" },
        { kind: "text", text: " " },
        { kind: "formula", text: "T^2" },
        { kind: "text", text: " is " },
        { kind: "value", of: "result:E" },
        { kind: "text", text: "." },
      ],
    },
  ]);
});
