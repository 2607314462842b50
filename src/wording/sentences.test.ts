import { plainRule } from "../../tests/fixtures/plainRule";
import { usesOf } from "@/pipeline/readings/uses";
import { drawnSentence, rulesSentence, shareAdvice } from "./deriving";
import { incomingProblem, sheetNotes } from "./filing";
import { removalSentence, tableRemovalSentence } from "./removing";
import { writeTyped } from "./typedNumbers";
import { uncertaintyHeading, uncertaintySentence } from "./uncertainty";

describe("removing", () => {
  test("says what went along, what used it, and the way back", () => {
    const document = plainRule();
    const { time, cubed } = document.quantities;
    expect(removalSentence(time!, usesOf(document, "time"))).toBe(
      "Time for ten swings was removed with 21 readings. The formula of T names it and misses it now. Undo (Ctrl+Z) brings everything back.",
    );
    expect(removalSentence(cubed!, usesOf(document, "cubed"))).toContain(
      "An axis of figure 1 showed it and is empty now.",
    );
    time!.uncertainty = { kind: "column", column: "overhang" };
    expect(removalSentence(document.quantities.overhang!, usesOf(document, "overhang"))).toContain(
      "It held the ± of t_10, which has none now.",
    );
    expect(tableRemovalSentence("Table 2", 1)).toContain("with 1 row.");
  });
});

describe("advice on where a ± comes from", () => {
  const share = (name: string, part: number, scatters = false) => ({
    id: name,
    kind: "reading" as const,
    share: part,
    name,
    scatters,
    isTime: name === "time",
  });

  test.each([
    [
      [share("time", 0.97, true), share("overhang", 0.03)],
      /^Time decides\. Take more repeats.*surer overhang would change nothing/,
    ],
    [
      [share("overhang", 0.8), share("time", 0.2)],
      /^Overhang decides\. Read it with a finer instrument/,
    ],
    [[share("a", 0.5), share("b", 0.5)], /No input decides alone/],
  ])("%#", (shares, expected) => {
    expect(shareAdvice(shares)).toMatch(expected);
  });

  test("a constant is measured again; nothing is said where there is no ±", () => {
    expect(shareAdvice([{ ...share("width", 1), kind: "constant" }])).toContain(
      "Measure that constant",
    );
    expect(shareAdvice([share("a", 0)])).toBeUndefined();
  });
});

describe("ways to add up", () => {
  const school = plainRule().houseRules;
  const university = {
    ...school,
    ...({ uncertaintyMeans: "standard", propagation: "quadrature" } as const),
  } as const;

  test("why two ways differ, or agree", () => {
    expect(rulesSentence(2, 1)).toContain("50 % of the worst case");
    expect(rulesSentence(1, 1)).toContain("both ways agree");
    expect(rulesSentence(0, 0)).toContain("Nothing in it has a ±");
  });

  test("what the draws say beside first order", () => {
    expect(drawnSentence(1, 1.7, school)).toContain("smaller than a limit");
    expect(drawnSentence(1, 1.01, university)).toContain("It agrees with first order.");
    expect(drawnSentence(1.5, 1, university)).toContain("differs by 50 %");
  });
});

describe("files", () => {
  test("each refusal says what to do", () => {
    expect(incomingProblem({ kind: "empty" })).toContain("Choose other lines");
    expect(incomingProblem({ kind: "too-many-rows", rows: 50_000, most: 20_000 })).toContain(
      "There are 50\u202f000 rows",
    );
    expect(incomingProblem({ kind: "too-many-columns", columns: 70, most: 60 })).toContain(
      "70 columns",
    );
    expect(incomingProblem({ kind: "too-long", row: 3 })).toContain("Row 3");
  });

  test("what was noticed in a sheet, and nothing where nothing was", () => {
    const sheet = {
      name: "a",
      range: "A1:B2",
      cells: [],
      merged: 0,
      formulas: 0,
      errors: 0,
      cutOff: false,
    };
    expect(sheetNotes(sheet)).toEqual([]);
    expect(sheetNotes({ ...sheet, merged: 1, formulas: 2, errors: 1, cutOff: true })).toHaveLength(
      4,
    );
  });
});

test.each([
  ["6.67430e-11", "6.67430 × 10", "−11"],
  ["1.5E+3", "1.5 × 10", "3"],
])("%s is printed with a raised power", (typed, mantissa, power) => {
  expect(writeTyped(typed)).toEqual([{ text: mantissa }, { text: power, script: "super" }]);
});

test("long whole numbers are grouped in threes", () => {
  expect(writeTyped("299792458")[0]!.text).toBe("299\u202f792\u202f458");
  expect(writeTyped("-12345.678")[0]!.text).toBe("−12\u202f345.678");
  expect(writeTyped("9806")[0]!.text).toBe("9806");
});

test("a ± up and down apart is said so, and in a heading", () => {
  const uncertainty = { kind: "up-and-down", up: "0.3", down: "0.1" } as const;
  expect(uncertaintyHeading(uncertainty)).toBe("+0.3 −0.1");
  expect(uncertaintySentence(uncertainty, "0.2", "s").replaceAll("\u00a0", " ")).toBe(
    "Every reading may be up to 0.3 s too low and 0.1 s too high. Where one number is needed, their mean is used: ± 0.2 s.",
  );
});
