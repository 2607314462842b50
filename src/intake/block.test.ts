import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { readBlock } from "./block";
import { cellsFromText } from "./cells";
import { readHeading } from "./heading";
import { planPaste } from "./pastePlan";

describe("headings", () => {
  test.each([
    ["overhang L / m", "overhang", "L", "m"],
    ["time t / s", "time", "t", "s"],
    ["time for ten swings, t_10 / s", "time for ten swings", "t_10", "s"],
    ["T^2 / s^2", "", "T^2", "s^2"],
    ["speed v (m/s)", "speed", "v", "m/s"],
    ["L³/m³", "", "L³", "m³"],
    ["temperature [°C]", "temperature", "", "°C"],
    ["drop Delta h / mm", "drop", "Delta h", "mm"],
    ["wavelength λ / nm", "wavelength", "λ", "nm"],
    ["period", "period", "", ""],
    ["heat c (J/(kg K))", "heat", "c", "J/(kg K)"],
    ["time, t (s)", "time", "t", "s"],
    ["Delta h / cm", "", "Delta h", "cm"],
    ["u(L) / m", "", "u_L", "m"],
    ["speed v / (m/s)", "speed", "v", "m/s"],
    ["± / m", "±", "", "m"],
    ["t_10", "", "t_10", ""],
    ["λ [nm]", "", "λ", "nm"],
  ])("%s", (text, name, symbol, unit) => {
    expect(readHeading(text)).toEqual({ name, symbol, unit });
  });
});

describe("a pasted block", () => {
  const block = (text: string) => readBlock(cellsFromText(text));

  test("from a spreadsheet, with headings and a byte-order mark", () => {
    const found = block("\uFEFFoverhang L / m\ttime t / s\r\n0.200\t3.1\r\n0.250\t4.4\r\n");
    expect(found.headings?.map(({ symbol }) => symbol)).toEqual(["L", "t"]);
    expect(found.readings).toEqual([
      ["0.200", "3.1"],
      ["0.250", "4.4"],
    ]);
  });

  test("with units on a second line", () => {
    const found = block("overhang\ttime\n(m)\t(s)\n0.2\t3.1");
    expect(found.headings).toEqual([
      { name: "overhang", symbol: "", unit: "m" },
      { name: "time", symbol: "", unit: "s" },
    ]);
  });

  test.each(["0,200\t3,1\n0,250\t4,4", "0,200;3,1\n0,250;4,4"])(
    "with decimal commas: every digit is kept (%j)",
    (text) => {
      const found = block(text);
      expect(found.understood.decimalCommas).toBe(true);
      expect(found.readings).toEqual([
        ["0.200", "3.1"],
        ["0.250", "4.4"],
      ]);
    },
  );

  test("one column with decimal commas is not two columns", () => {
    expect(block("0,200\n0,250").readings).toEqual([["0.200"], ["0.250"]]);
  });

  test("comma-separated with points", () => {
    expect(block("x,y\n0.2,3.1\n0.25,4.4").readings[1]).toEqual(["0.25", "4.4"]);
  });

  test("ragged rows and empty lines", () => {
    const found = block("1\t2\t3\n\n4\n5\t6");
    expect(found.readings).toEqual([["1", "2", "3"], ["4"], ["5", "6"]]);
    expect(found.understood.shortRows).toBe(2);
  });

  test("words among the numbers stay as they are, to be marked", () => {
    expect(block("1\t2\nabc\t4").readings[1]).toEqual(["abc", "4"]);
  });

  test("a NUL or half a character is dropped", () => {
    expect(block("1\0\t2\ud800").readings).toEqual([["1", "2\ufffd"]]);
  });

  test.each(["", "\n\n", "\t\t\n"])("nothing at all (%j)", (text) => {
    expect(cellsFromText(text)).toEqual([]);
  });
});

describe("where a block goes", () => {
  let next = 0;
  const newId = () => `new${next++}`;
  const plan = (text: string, row = 0, column = 0) =>
    planPaste(
      emptyInvestigation(),
      readBlock(cellsFromText(text)),
      { table: "main", rows: [], cells: ["x", "y"], row, column },
      newId,
    );

  test("headings name the empty quantities, and missing quantities are made", () => {
    const outcome = plan("L / m\tt / s\tt / s\n1\t2\t3");
    if (outcome.kind !== "plan") throw new Error(outcome.kind);
    expect(outcome.plan.newQuantities).toHaveLength(1);
    expect(outcome.plan.headings.map(({ symbol }) => symbol)).toEqual(["L", "t", "t_2"]);
  });

  test.each([
    ["L / m\t± / m\tt / s", "x"],
    ["L / m\tΔL / m\tt / s", "x"],
    ["L / m\tu(L)\tt / s", "x"],
    ["h / m\tDelta s / m\tt / s", undefined],
  ])("%j: which column is the ± of another", (headings, owner) => {
    const outcome = plan(`${headings}\n1\t2\t3`);
    if (outcome.kind !== "plan") throw new Error(outcome.kind);
    expect(outcome.plan.headings[1]?.uncertaintyOf).toBe(owner);
    expect(outcome.plan.headings[2]?.uncertaintyOf).toBeUndefined();
  });

  test("50 000 rows are refused with the number that fits", () => {
    const outcome = plan(Array.from({ length: 50_000 }, (_, i) => `${i}\t1`).join("\n"));
    expect(outcome).toEqual({ kind: "too-many-rows", rows: 50_000, most: 20_000 });
  });

  test("a text too long for a reading is refused with its row", () => {
    expect(plan(`1\t2\n3\t${"x".repeat(300)}`)).toEqual({ kind: "too-long", row: 2 });
  });

  test("more columns than fit are refused", () => {
    expect(plan(Array.from({ length: 70 }, () => "1").join("\t")).kind).toBe("too-many-columns");
  });
});
