import { addSeries } from "@/investigation/acts/addSeries";
import { setAside } from "@/investigation/acts/setAside";
import { perform } from "@/investigation/history/edit";
import { samples } from "@/investigation/samples/samples";
import { printed, printedTable, seen, statements, workings } from "../fixtures/printed";
import { reportOf, wordsOf } from "../fixtures/sampleReport";
import { sheet, type SheetColumn, type SheetRest } from "../fixtures/sheet";

const line: Record<string, SheetColumn> = {
  x: { unit: "s", readings: ["1", "2", "3", "4", "5"] },
  y: { unit: "m", pm: "0.3", readings: ["2.1", "3.9", "6.0", "8.1", "9.9"] },
};
const two = { figuresOfUncertainty: "two" } as const;

function stated(results: SheetRest["results"], rest: SheetRest = {}, columns = line) {
  const named = results!.map((one) => ({ symbol: "q", ...one }));
  const blocks = named.map((_, i) => ({ kind: "result", of: `r${i + 1}` }) as const);
  const document = sheet(columns, { rules: two, ...rest, results: named, blocks });
  return statements(document);
}

describe("the ± of what is read off a line: over all lines that meet every box (calculation § 7)", () => {
  test("y at an x, in the middle of the readings too", () => {
    const read = { kind: "read-off", coordinate: "y", at: "3" } as const;
    expect(stated([{ source: read }])).toEqual(["q = (6.00 \\pm 0.20)\\,\\mathrm{m}"]);
  });

  test("x at a y", () => {
    const read = { kind: "read-off", coordinate: "x", at: "6.0" } as const;
    expect(stated([{ source: read }])).toEqual(["q = (3.00 \\pm 0.10)\\,\\mathrm{s}"]);
  });

  test("the intercept, where steepest and shallowest cross at zero", () => {
    const columns = {
      ...line,
      x: { unit: "s", readings: ["-2", "-1", "0", "1", "2"] },
    };
    expect(stated([{ source: { kind: "intercept" } }], {}, columns)).toEqual([
      "q = (6.00 \\pm 0.20)\\,\\mathrm{m}",
    ]);
  });

  test("where the line meets zero, by a formula and read off alike", () => {
    const [typed, read] = stated([
      { source: { kind: "slope" }, by: "formula", formula: "-intercept/slope" },
      { source: { kind: "read-off", coordinate: "x", at: "0" } },
    ]);
    expect(typed).toBe(read);
  });

  test("a typed place brings its own ±", () => {
    const read = { kind: "read-off", coordinate: "y", at: "3 ± 0.5" } as const;
    expect(stated([{ source: read }])).toEqual(["q = (6.0 \\pm 1.2)\\,\\mathrm{m}"]);
  });

  test("and so does a constant that moves the whole line", () => {
    const columns = { ...line, z: { formula: "k y" } };
    const read = { kind: "read-off", coordinate: "y", at: "3" } as const;
    const constants = { k: { value: "2.0", uncertainty: "0.1", unit: "" } };
    const figure = { x: "x", y: "z" };
    expect(stated([{ source: read }], { constants, figure }, columns)).toEqual([
      "q = (12.0 \\pm 1.0)\\,\\mathrm{m}",
    ]);
  });
});

describe("a held line's range is that of the lines held so (calculation § 7)", () => {
  const slope = { source: { kind: "slope" } } as const;

  test("through zero", () => {
    const readings = ["2.0", "4.1", "5.9", "8.0", "10.1"];
    const columns = { ...line, y: { ...line.y, readings, pm: "0.2" } };
    const [free] = stated([slope], {}, columns);
    const [held] = stated([slope], { line: { held: "zero" } }, columns);
    expect(free).toContain("\\pm 0.1");
    expect(held).toBe("q = (2.007 \\pm 0.027)\\,\\mathrm{m\\,s^{-1}}");
  });

  test("a fixed slope has no ±, and its intercept has one", () => {
    const held = { held: "slope", slope: "2" } as const;
    expect(stated([slope], { line: held })).toEqual(["q = 2.000\\,\\mathrm{m\\,s^{-1}}"]);
    expect(stated([{ source: { kind: "intercept" } }], { line: held })).toEqual([
      "q = (0.00 \\pm 0.20)\\,\\mathrm{m}",
    ]);
  });
});

describe("temperatures (calculation § 5)", () => {
  const gas: Record<string, SheetColumn> = {
    theta: { unit: "°C", readings: ["0", "20", "40", "60", "80"] },
    p: { unit: "hPa", pm: "1", readings: ["1000.0", "1073.3", "1146.6", "1219.9", "1293.2"] },
  };
  const zero = { source: { kind: "slope" }, by: "formula", formula: "-intercept/slope" } as const;

  test("absolute zero from an axis in °C is a place on it", () => {
    expect(stated([zero], {}, gas)[0]).toMatch(/^q = \(-272\.9 \\pm \d\.\d\).*°C|circ/);
    expect(stated([{ ...zero, unit: "K" }], {}, gas)[0]).toMatch(
      /^q = \(0\.3 \\pm \d\.\d\)\\,\\mathrm\{K\}/,
    );
  });

  test("212 °F less 32 °F is 100 K", () => {
    const columns: Record<string, SheetColumn> = {
      a: { unit: "°F", readings: ["212"] },
      b: { unit: "°F", readings: ["32"] },
      d: { formula: "a - b" },
    };
    const document = sheet(columns, { blocks: [{ kind: "example", of: "d" }] });
    expect(workings(document).join()).toContain("= 100.0\\,\\mathrm{K}");
  });
});

describe("a result holds on to its series (calculation § 10)", () => {
  const three: Record<string, SheetColumn> = {
    x: { unit: "s", readings: ["1", "2", "3", "1", "2", "3", "1", "2", "3"] },
    y: { unit: "m", pm: "0.1", readings: ["1", "2", "3", "2", "4", "6", "3", "6", "9"] },
  };
  const document = sheet(three, {
    series: ["a", "a", "a", "b", "b", "b", "c", "c", "c"],
    results: [{ symbol: "q", source: { kind: "slope", series: "b" } }],
    blocks: [{ kind: "result", of: "r1" }],
  });

  test("emptying another series changes nothing", () => {
    expect(statements(document)[0]).toContain("2.0");
    const readings = [1, 2, 3].map((row) => ({ row: `row${row}`, cell: "x" }));
    const without = structuredClone(document);
    for (const { row } of readings) without.rows[row]!.readings = {};
    expect(statements(without)).toEqual(statements(document));
  });

  test("emptied itself, it states nothing, and never another's number", () => {
    const emptied = structuredClone(document);
    for (const row of [4, 5, 6]) emptied.rows[`row${row}`]!.readings = {};
    expect(statements(emptied)).toEqual([]);
    const moved = perform(document, addSeries, { id: "d", table: "main", name: "d", rows: ["row4", "row5", "row6"] }); // prettier-ignore
    expect(statements(moved.document)).toEqual([]);
    const aside = [4, 5].map((row) => ({ row: `row${row}`, cell: "_row" }));
    expect(statements(perform(document, setAside, { readings: aside, reason: "x" }).document)).toEqual([]); // prettier-ignore
  });
});

describe("one line, one ± (calculation § 7)", () => {
  /** The ± of the slope on the figure, in the table's working, in a result and in the text. */
  function everywhere(rules: SheetRest["rules"], rest: SheetRest = {}) {
    const document = sheet(line, {
      figure: { x: "x", y: "y", equation: true },
      ...rest,
      rules,
      results: [{ symbol: "q", source: { kind: "slope" } }],
      blocks: [
        { kind: "figure", of: "main" },
        { kind: "line", of: "main" },
        { kind: "result", of: "r1" },
        { kind: "text", of: "" },
      ],
    });
    document.writeUp.blocks.b4!.text = [
      { kind: "paragraph", inlines: [{ kind: "value", of: "slope:main" }] },
    ];
    const nodes = printed(document);
    const figure = nodes.find(({ kind }) => kind === "figure");
    const equation = figure?.kind === "figure" && figure.figure.series[0]!.lines[0]!.equation;
    const paragraphs = nodes.flatMap((node) => (node.kind === "paragraph" ? node.inlines : []));
    const value = paragraphs.find(({ kind }) => kind === "value");
    const sizes = [
      equation ? seen(equation.text) : "",
      value?.kind === "value" ? seen(value.runs) : "",
      statements(document)[0] ?? "",
    ].map((text) => /(?:±|\\pm) ([\d.]+)/.exec(text)?.[1]);
    return { sizes, words: wordsOf(reportOf(document).report), document };
  }

  test("by the slope range, where ± are limits", () => {
    const { sizes, words } = everywhere({ figuresOfUncertainty: "two" });
    expect(new Set(sizes)).toEqual(new Set(["0.15"]));
    expect(words).toContain("± is half the slope range.");
  });

  test("by the standard error, where they are standard uncertainties", () => {
    const rules = { figuresOfUncertainty: "two", uncertaintyMeans: "standard" } as const;
    const { sizes, words } = everywhere({ ...rules, slopeRange: "statistics" });
    expect(new Set(sizes)).toEqual(new Set(["0.035"]));
    expect(words).toContain("± is the standard error of the fit.");
    expect(words).not.toMatch(/standard error[^.]*95 %/);
  });

  test("a best line outside its own range is said, with the boxes that it misses", () => {
    const y = { unit: "m", readings: ["4.0 ± 0.1", "8.0 ± 0.1", "12.0 ± 0.1", "16.0 ± 0.1", "20.5 ± 0.5"] }; // prettier-ignore
    const columns = { ...line, y };
    const document = sheet(columns, { blocks: [{ kind: "line", of: "main" }] });
    const words = wordsOf(reportOf(document).report);
    expect(words).toContain(
      "The best line lies outside its own slope range, for it misses the box",
    );
  });

  test("a weighted line says so", () => {
    const { words, document } = everywhere({}, { line: { weights: "y" } });
    expect(words).toContain("best-fit, weighted");
    const figure = printed(document).find(({ kind }) => kind === "figure");
    if (figure?.kind !== "figure") throw new Error("no figure is printed");
    expect(seen(figure.figure.series[0]!.lines[0]!.equation!.text)).toContain("(weighted)");
    expect(seen(figure.figure.caption!)).toContain("the weighted best-fit");
  });
});

describe("the end-box rule (calculation § 7)", () => {
  test("takes the extreme corners where the two ends slope against the best line", () => {
    const columns: Record<string, SheetColumn> = {
      x: { unit: "s", pm: "0.5", readings: ["0", "4", "5", "6", "10"] },
      y: { unit: "m", pm: "0.5", readings: ["5", "1", "5", "9", "4"] },
    };
    const document = sheet(columns, {
      rules: { slopeRange: "end-boxes", figuresOfUncertainty: "two" },
      blocks: [{ kind: "line", of: "main" }],
    });
    const words = wordsOf(reportOf(document).report);
    expect(words).toMatch(/steepest  0\.00  4\.50/);
    expect(words).toMatch(/shallowest  −0\.22  5\.61/);
  });
});

test("lines and half of what lies between them are written to the same place, whole numbers too", () => {
  const words = wordsOf(reportOf(samples.fadingCross()).report).replace(/\s+/g, " ");
  expect(words).toContain(
    "best-fit −6041 16.0 steepest −6403 17.2 shallowest −5698 14.9 half between them ± 352 ± 1.1",
  );
});

test("end boxes without any ± leave no range: the standard error is stated, and no box is said to be missed", () => {
  const bare: Record<string, SheetColumn> = {
    x: { unit: "s", readings: ["1", "2", "3", "4"] },
    y: { unit: "m", readings: ["1.1", "3.9", "9.2", "15.8"] },
  };
  const rest = { rules: { ...two, slopeRange: "end-boxes" } as const };
  const [slope] = stated([{ source: { kind: "slope" } }], rest, bare);
  expect(slope).toContain("4.94 \\pm");
  const blocks = [{ kind: "line", of: "main" }] as const;
  expect(wordsOf(reportOf(sheet(bare, { ...rest, blocks })).report!)).not.toContain("misses");
});

test("points that lie exactly on a line state no ± of the arithmetic's own", () => {
  const columns: Record<string, SheetColumn> = {
    x: { unit: "g", readings: ["227000", "351000", "476000"] },
    y: { unit: "mm", readings: ["2.28e7", "3.52e7", "4.77e7"] },
  };
  const rules = { slopeRange: "statistics", uncertaintyMeans: "limit" } as const;
  expect(stated([{ source: { kind: "intercept" } }], { rules }, columns)).toEqual([
    "q = 100000\\,\\mathrm{mm}",
  ]);
});

test.each([
  [["10.0", "20.0", "30.0", "40.0"], ["5.43", "5.22", "5.00", "4.78"], "0.01"],
  [["1.0", "2.0", "3.0", "4.0"], ["0.000112", "0.000228", "0.000341", "0.000455"], "0.000002"],
  [["1.0", "2.0", "3.0", "4.0"], ["112000", "229000", "341000", "455000"], "2000"],
])("a ± beside a line stands in the power of ten of its slope", (x, y, pm) => {
  const document = sheet(
    { x: { readings: x, unit: "s" }, y: { readings: y, unit: "V", pm } },
    { figure: { x: "x", y: "y" }, blocks: [{ kind: "line", of: "main" }] },
  );
  const { rows } = printedTable(document);
  const power = (text: string) => /× 10[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+/.exec(text)?.[0];
  const [best] = rows;
  for (const row of rows.slice(1)) {
    for (const column of [1, 2]) {
      if (row[column]) expect(power(row[column])).toBe(power(best![column]!));
    }
  }
  expect(rows.some(([word]) => word === "half between them")).toBe(true);
});

test("a range that is nothing is not worked out, and no value is stated with ± 0", () => {
  const document = sheet(
    {
      x: { readings: ["3", "6", "9"], unit: "s", pm: { kind: "none" } },
      y: { readings: ["1", "2", "3"], unit: "m", pm: { kind: "none" } },
    },
    {
      rules: { slopeRange: "statistics" },
      figure: { x: "x", y: "y" },
      blocks: [{ kind: "line", of: "main" }],
    },
  );
  expect(workings(document).filter((tex) => /(?:pm|=) 0(?![.\d])/.test(tex))).toEqual([]);
});
