import { holdsWords } from "./holdsWords";

describe("whether a column holds words about its rows", () => {
  test.each([
    [["thin", "thick", "thin"], true],
    [["calm", "", "a door fell shut"], true],
    [["calm", "1 swing fewer"], true],
    [["", " "], false],
    [[], false],
  ])("%j", (texts, words) => {
    expect(holdsWords(texts)).toBe(words);
  });

  test.each([["0,31"], ["1.2e-3"], ["2 × 10^3"], ["1’204"], ["−4"]])(
    "no column with %s in it, in whichever decimal mark",
    (number) => {
      expect(holdsWords(["missed", number])).toBe(false);
    },
  );

  test("texts that begin with a digit alone are no words", () => {
    expect(holdsWords(["3 s?", "4 s?"])).toBe(false);
  });
});
