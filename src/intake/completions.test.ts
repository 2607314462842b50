import { completed, completionsOf, wordAt } from "./completions";

const symbols = [
  { symbol: "L", name: "overhang" },
  { symbol: "t_10", name: "time for ten swings" },
  { symbol: "λ", name: "wavelength" },
];

describe("completing a formula", () => {
  test.each([
    ["4*f*(L + c)/t", 13, "t", 12],
    ["sq", 2, "sq", 0],
    ["2 t_1 + a", 5, "t_1", 2],
    ["L/2", 3, undefined, 0],
    ["", 0, undefined, 0],
  ])("%j with the caret at %d is in the word %j", (text, caret, word, from) => {
    expect(wordAt(text, caret)).toEqual(word === undefined ? undefined : { from, word });
  });

  const texts = (word: string) => completionsOf({ from: 0, word }, symbols).map(({ text }) => text);

  test("symbols come before functions", () => {
    expect(texts("t")).toEqual(["t_10", "tan("]);
  });

  test("a quantity is found by its name, a Greek letter by what it is called", () => {
    expect(texts("over")).toEqual(["L"]);
    expect(texts("wave")).toEqual(["λ"]);
  });

  test("a word that is whole asks for nothing", () => {
    expect(texts("L")).toEqual([]);
    expect(texts("t_10")).toEqual([]);
  });

  test("what is chosen takes the place of the word, and the caret stands behind it", () => {
    const word = wordAt("2 sq + L", 4)!;
    const [root] = completionsOf(word, symbols);
    expect(completed("2 sq + L", word, root!)).toEqual({ text: "2 sqrt( + L", caret: 7 });
  });
});
