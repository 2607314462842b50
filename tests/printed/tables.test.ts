import { printed, printedColumnOf, printedTable, seen } from "../fixtures/printed";
import { reportOf, wordsOf } from "../fixtures/sampleReport";
import { sheet, type SheetColumn, type SheetRest } from "../fixtures/sheet";

const raw = (columns: Record<string, SheetColumn>, rest: SheetRest = {}) =>
  printedTable(sheet(columns, { ...rest, blocks: [{ kind: "readings", of: "main" }] }));
const processed = (columns: Record<string, SheetColumn>, rest: SheetRest = {}) =>
  printedTable(sheet(columns, { ...rest, blocks: [{ kind: "processed", of: "main" }] }));

describe("a column's common power of ten stands in its heading (calculation § 6)", () => {
  const small: SheetColumn = {
    unit: "m",
    pm: "0.00001",
    readings: [["0.00050", "0.00051", "0.00052"]],
  };

  test("of very small repeats, typed and mean alike", () => {
    const { heads, rows } = raw({ d: small });
    expect(heads[0]).toEqual(["d / 10⁻⁴ m"]);
    expect(rows).toEqual([["5.0", "5.1", "5.2", "5.1 ± 0.1"]]);
  });

  test("and among processed readings", () => {
    const { heads, rows } = processed({ d: small, A: { formula: "d^2" } });
    expect(heads[0]).toEqual(["d / 10⁻⁴ m", "A / 10⁻⁷ m²"]);
    expect(rows).toEqual([["5.1 ± 0.1", "2.6 ± 0.1"]]);
  });

  test("of very large readings; a heading's ± is in the same power", () => {
    const p: SheetColumn = { unit: "Pa", pm: "100", readings: ["0", "1000000", "2000000"] };
    const beside = raw({ p });
    expect(beside.heads[0]).toEqual(["p / 10⁶ Pa"]);
    expect(beside.rows.flat()).toEqual([
      ...["0.0000 ± 0.0001", "1.0000 ± 0.0001", "2.0000 ± 0.0001"],
    ]);
    const inHeading = raw({ p }, { uncertainties: "heading" });
    expect(inHeading.heads[0]).toEqual(["p / 10⁶ Pa ± 0.0001"]);
    expect(inHeading.rows.flat()).toEqual(["0.0000", "1.0000", "2.0000"]);
  });

  test("rows of unlike size under one power keep their value", () => {
    const p: SheetColumn = { unit: "Pa", readings: ["5", "3000000"] };
    const { heads, rows } = processed({ p, q: { formula: "2 p" } });
    expect(heads[0]).toEqual(["p / 10⁶ Pa", "q / 10⁶ Pa"]);
    expect(rows.map(([, doubled]) => doubled)).toEqual(["0.00001", "6"]);
    expect(rows.map(([own]) => Number(own) * 1e6)).toEqual([5, 3_000_000]);
  });

  test("digits typed with a power are kept, and claimed no further", () => {
    const { heads, rows } = raw({ N: { readings: ["1.20e3", "4.1e2", "12"] } });
    expect(heads[0]).toEqual(["N"]);
    expect(rows.flat()).toEqual(["1.20 × 10³", "4.1 × 10²", "12"]);
  });

  test("a ± that differs upwards and downwards keeps its size", () => {
    const pm = { kind: "up-and-down", up: "0.0003", down: "0.0001" } as const;
    const x: SheetColumn = { unit: "m", pm, readings: ["0.0120"] };
    expect(raw({ x }).rows.flat()).toEqual(["0.0120 +0.0003 −0.0001"]);
    const tiny = { ...x, pm: { ...pm, up: "0.00003", down: "0.00001" }, readings: ["0.00012"] };
    expect(raw({ x: tiny }).heads[0]).toEqual(["x / 10⁻⁴ m"]);
    expect(raw({ x: tiny }).rows.flat()).toEqual(["1.2 +0.3 −0.1"]);
  });
});

describe("a column of ± (calculation § 5)", () => {
  const value = (pm: string, unit: string, more: Partial<SheetColumn> = {}) => ({
    v: { unit: "m", pm: { kind: "column", column: "u" }, readings: ["1.00", "2.00"] } as const,
    u: { unit, readings: [pm, pm], ...more },
  });
  const cells = (columns: Record<string, SheetColumn>, rest: SheetRest = {}) =>
    printedColumnOf(
      sheet(
        { ...columns, w: { formula: "3 v" } },
        {
          rules: { figuresOfUncertainty: "two" },
          ...rest,
          blocks: [{ kind: "processed", of: "main" }],
        },
      ),
      "w / m",
    );

  test("in %, it is a percentage of the reading", () => {
    expect(cells(value("5", "%"))).toEqual(["3.00 ± 0.15", "6.00 ± 0.30"]);
  });

  test("in another unit of its kind, it is converted", () => {
    expect(cells(value("5", "cm"))).toEqual(["3.00 ± 0.15", "6.00 ± 0.15"]);
  });

  test("worked out by a formula, it counts as if it were typed", () => {
    const formula = { formula: "0.02 v + 0.01", readings: undefined };
    expect(cells(value("", "m", { ...formula, formula: "0.05 v" }))).toEqual([
      ...["3.00 ± 0.15", "6.00 ± 0.30"],
    ]);
  });

  test("blank, it is no ±, not a ± of 0: the row is written without one", () => {
    expect(cells(value("", "m", { readings: ["0.05", ""] }))).toEqual(["3.00 ± 0.15", "6.00"]);
  });
});

describe("numbers in sentences and beside results", () => {
  const compared = (slope: string, accepted: string) => {
    const document = sheet(
      {
        x: { readings: ["1", "2", "3", "4", "5"] },
        y: { readings: [1, 2, 3, 4, 5].map((x) => String(x * Number(slope))), pm: "0.001" },
      },
      {
        results: [
          { name: "k", symbol: "k", accepted: { value: accepted, uncertainty: "", source: "" } },
        ],
        blocks: [{ kind: "comparison", of: "r1" }],
      },
    );
    return { words: wordsOf(reportOf(document).report), document };
  };

  test("a percentage keeps its power of ten, however small or large", () => {
    expect(compared("0.9999949", "1").words).toContain("it is 0.00051 % low");
    expect(compared("2.2", "1").words).toContain("it is 120 % high");
  });

  test("an accepted value is said with the digits that it was given with", () => {
    const { document } = compared("0.91", "0.9");
    document.writeUp.blocks.b1!.kind = "text";
    document.writeUp.blocks.b1!.of = "";
    document.writeUp.blocks.b1!.text = [
      { kind: "paragraph", inlines: [{ kind: "value", of: "accepted:r1" }] },
    ];
    const [paragraph] = printed(document).filter(({ kind }) => kind === "paragraph");
    const inline = paragraph?.kind === "paragraph" ? paragraph.inlines[0] : undefined;
    expect(inline?.kind === "value" && seen(inline.runs)).toBe("0.9");
  });
});
